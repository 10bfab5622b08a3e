import base from './playwright.config';
export default { ...base, timeout: 90_000, expect: { timeout: 8_000 }, reporter: [['list']], use: { ...base.use, trace: 'off' } };
