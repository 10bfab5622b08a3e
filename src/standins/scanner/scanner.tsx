'use client';
/**
 * A stand-in for a hand scanner, which is a keyboard that ends with Enter: it types a number, digit by digit, into the
 * field that has the focus, and presses Enter. It knows nothing of that field.
 */
import { useState } from 'react';

const DIGIT_MS = 12;

/** Types digits into the focused field as keys would, then Enter. False when no field has the focus. */
export async function scan(digits: string): Promise<boolean> {
  const field = document.activeElement;
  if (!(field instanceof HTMLInputElement)) return false;
  const write = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
  write.call(field, '');
  for (const digit of digits) {
    field.dispatchEvent(new KeyboardEvent('keydown', { key: digit, bubbles: true }));
    write.call(field, field.value + digit);
    field.dispatchEvent(new InputEvent('input', { data: digit, inputType: 'insertText', bubbles: true }));
    field.dispatchEvent(new KeyboardEvent('keyup', { key: digit, bubbles: true }));
    await new Promise((r) => setTimeout(r, DIGIT_MS));
  }
  const goesOn = field.dispatchEvent(
    new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }),
  );
  // A real Enter submits the form of the field; one made by hand does not.
  if (goesOn) field.form?.requestSubmit();
  return true;
}

export function Scanner({ codes }: { codes: { message: string; digits: string }[] }) {
  const [told, setTold] = useState('');
  return (
    <div role="group" aria-label="Stand-in for a scanner">
      {codes.map((c) => (
        // Pressing must not take the focus from the field: a scanner has none of its own.
        <button
          key={c.digits}
          type="button"
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => {
            void scan(c.digits).then((typed) =>
              setTold(typed ? '' : 'Put the cursor into a field first: a scanner types where the cursor is.'),
            );
          }}
        >
          <span aria-hidden="true">▮▯▮▮▯▮ </span>
          {c.message}
        </button>
      ))}
      <p role="status">{told}</p>
    </div>
  );
}
