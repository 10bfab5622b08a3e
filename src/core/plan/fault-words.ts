/** What is wrong with a value, in the house's words: for a field of a form, and for a place in a file. */
import { z } from 'zod';

const KINDS: Record<string, string> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a thing with its fields',
  record: 'a thing with its fields',
  null: 'nothing',
};

const list = (values: readonly unknown[]): string => values.map(String).join(', ');

/** Words for an issue of Zod's; undefined where the shape has words of its own. */
export function faultInWords(issue: z.core.$ZodRawIssue): string | undefined {
  switch (issue.code) {
    case 'invalid_type':
      if (issue.input === undefined) return 'this is missing';
      if (issue.input === null) return 'this is still empty';
      return `${KINDS[issue.expected] ?? issue.expected} belongs here`;
    case 'too_small': {
      const least = Number(issue.minimum);
      if (issue.origin === 'string')
        return least <= 1 ? 'this cannot be empty' : `at least ${least} characters`;
      if (issue.origin === 'array')
        return least <= 1 ? 'at least one is needed' : `at least ${least} are needed`;
      return issue.inclusive === false ? `more than ${least}` : `at least ${least}`;
    }
    case 'too_big': {
      const most = Number(issue.maximum);
      if (issue.origin === 'string') return `at most ${most.toLocaleString('en')} characters`;
      if (issue.origin === 'array') return `at most ${most} of them`;
      return issue.inclusive === false ? `less than ${most}` : `at most ${most.toLocaleString('en')}`;
    }
    case 'invalid_value':
      return `one of these belongs here: ${list(issue.values)}`;
    case 'unrecognized_keys':
      return `${issue.keys.map((k) => `“${k}”`).join(', ')} ${issue.keys.length === 1 ? 'is' : 'are'} not known here`;
    case 'invalid_union':
      return 'this is none of what may stand here';
    case 'invalid_format':
      return 'this is not written as it should be';
    case 'invalid_key':
      return 'this name cannot stand here';
    default:
      return undefined;
  }
}

z.config({ customError: faultInWords });
