import type { FormModule } from '../../script/page/form';
import { reviewForm as form } from './form';
import { takeBack as back } from './take-back';

export const reviewForm: FormModule['reviewForm'] = form;
export const takeBack: FormModule['takeBack'] = back;
