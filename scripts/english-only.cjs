/** A loader that puts React Aria's English texts in the place of those of other languages: Hausplan speaks English (`kit/locale.tsx`). */
module.exports = () => "export { default } from './en-US.mjs';";
