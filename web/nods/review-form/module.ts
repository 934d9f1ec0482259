import type { FormModule } from '../../script/page/form';
import { reviewForm as form } from './form';

export const reviewForm: FormModule['reviewForm'] = form;
