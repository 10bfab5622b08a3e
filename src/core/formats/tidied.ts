/** A line that something was taken out of, without the gaps, empty brackets and loose marks that are left. */
export const tidied = (text: string): string =>
  text
    .replace(/\s+/gu, ' ')
    .replace(/\(\s*\)/gu, '')
    .replace(/\s+([,;.)])/gu, '$1')
    .replace(/(?:[,;–-]\s*)+(?=[,;])/gu, '')
    .replace(/^[\s,;:.–-]+|[\s,;:(–-]+$/gu, '')
    .replace(/^(?<open>[^()]*)\)$/u, '$<open>')
    .trim();
