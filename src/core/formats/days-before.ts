/**
 * How many days ahead a preparation is: “evening before” 1, “order a week ahead” 7, “3 days before” 3; on the day when
 * nothing is said.
 */
export function daysBeforeFrom(text: string): number {
  const days = /(\d{1,3})\s*days?\s*(?:before|ahead|earlier|in advance)/i.exec(text);
  if (days) return Math.min(365, Number(days[1]));
  const weeks = /(\d{1,2}|a|one|two|three|four)\s*weeks?\s*(?:before|ahead|earlier|in advance)/i.exec(text);
  if (weeks)
    return 7 * (Number(weeks[1]) || { a: 1, one: 1, two: 2, three: 3, four: 4 }[weeks[1].toLowerCase()] || 1);
  if (/\b(?:evening|night|day) before\b|\bovernight\b|\bfreez|\bsoak|\bthaw/i.test(text)) return 1;
  return /\b(?:order|borrow|reserve)\b/i.test(text) ? 7 : 0;
}
