import { cleanup } from '@testing-library/react';
import { afterEach, beforeAll } from 'vitest';
import { load } from '../admin/shared/intl';

// the back office draws nothing before its messages are there
beforeAll(() => load('en'));

afterEach(() => {
  cleanup();
  sessionStorage.clear();
  localStorage.clear();
  document.body.replaceChildren();
  document.documentElement.lang = 'en';
});
