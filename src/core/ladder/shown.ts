/** Work that is shown, said or done: labels, looking up, memory work, a talk, a quiz, a part in the demonstration. */
import type { IsoDate, Rung } from '../plan/measures';
import type { Child } from '../plan/plan';
import { cutFor, wordCount } from './copying';
import { gradeOf } from './age';
import { lettersOf, minutesToCopy } from './handwriting';
import type { Material } from './material';
import type { Version } from './version';
import { wordsFor } from './word-list';

const plain = { note: '', produces: '', supplies: '' };
const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;

/** Labels on a map or drawing, by rung. Common practice, no source. */
const LABELS: Record<Rung, number> = { 1: 3, 2: 3, 3: 5, 4: 8, 5: 10 };

/** Labels on a map or a diagram: as many as the lesson has words for, and no more. */
export function labelsVersion(material: Material, rung: Rung, child: Child, date: IsoDate): Version {
  const words = wordsFor(material.words, rung === 1 ? 2 : rung).slice(0, LABELS[rung]);
  const n = Math.max(1, words.length);
  const writing = rung === 1 ? 0 : minutesToCopy(lettersOf(words.join('')), gradeOf(child.birthMonth, date));
  const such = words.length ? `: ${words.slice(0, 3).join(', ')}${n > 3 ? '…' : ''}` : '';
  const wording = { 1: `Point to ${n} things and say what they are${such}`, 2: `Put ${count(n, 'label')} in place${such}`, 3: `Write ${count(n, 'label')}${such}`, 4: `Write ${count(n, 'label')} without looking${such}`, 5: `Draw it yourself with ${count(n, 'label')}, and say what each does${such}` }[rung];
  return { ...plain, rung, wording, minutes: 5 + n + writing, parentMinutes: rung <= 2 ? 5 : 0, produces: 'a map or drawing with labels', supplies: rung <= 2 ? 'labels cut out' : 'map or drawing' };
}

/** Looking up: which source, and how many. */
export function lookingUpVersion(material: Material, rung: Rung): Version {
  const [first, second, third] = material.sources.map((s) => `“${s}”`);
  const in_ = first ?? 'a book from the basket';
  const wording = {
    1: `Find a picture of it in ${in_}`, 2: `Find the page in ${in_} together, and put a mark in it`, 3: `Find one answer in ${in_}, and tell it`,
    4: `Find two answers, in ${in_} and ${second ?? 'another book'}, and note the pages`, 5: `Compare ${in_}, ${second ?? 'a second'} and ${third ?? 'a third source'}: where do they differ? Note each page`,
  }[rung];
  return { ...plain, rung, wording, minutes: { 1: 5, 2: 8, 3: 10, 4: 20, 5: 30 }[rung], parentMinutes: { 1: 5, 2: 8, 3: 3, 4: 0, 5: 0 }[rung], produces: rung >= 4 ? 'notes with pages' : '' };
}

/** Learning by heart, from the real passage: never more than there is. Common practice: a line a sitting for a beginner. */
export function memoryVersion(material: Material, rung: Rung): Version {
  const line = cutFor(material.passage, 3);
  const cut = rung === 1 ? line : cutFor(material.passage, Math.max(3, rung) as Rung);
  const wording = { 1: `Join in with the last word of each line: “${start(line)}”`, 2: `Say one line after you have heard it: “${start(line)}”`, 3: `Say one line by heart: “${start(line)}”`, 4: `Say a stanza by heart, ${count(wordCount(cut), 'word')}: “${start(cut)}”`, 5: `Say all of it by heart, ${count(wordCount(cut), 'word')}: “${start(cut)}”` }[rung];
  return { ...plain, rung, wording, minutes: Math.min(15, { 1: 4, 2: 5, 3: 6, 4: 8, 5: 10 }[rung] + Math.floor(wordCount(cut) / 40)), parentMinutes: rung <= 3 ? 4 : 2 };
}
const start = (text: string): string => `${text.split(/\s+/).slice(0, 4).join(' ')}…`;

export function talkVersion(rung: Rung): Version {
  const wording = { 1: 'Show one thing and say its name', 2: 'Show one thing and say two things about it', 3: 'Tell for a minute, with something to show', 4: 'A talk of three minutes with a poster', 5: 'A talk of five minutes with a poster, and answers to questions' }[rung];
  return { ...plain, rung, wording, minutes: { 1: 4, 2: 6, 3: 12, 4: 25, 5: 35 }[rung], parentMinutes: { 1: 4, 2: 4, 3: 3, 4: 2, 5: 2 }[rung], produces: rung >= 4 ? 'a poster' : '', supplies: rung >= 4 ? 'poster paper' : '' };
}

/** Questions by rung; never more than the lesson has, where it has any of its own. */
const QUESTIONS: Record<Rung, number> = { 1: 2, 2: 3, 3: 4, 4: 5, 5: 6 };

export function quizVersion(material: Material, rung: Rung): Version {
  const n = material.questions.length ? Math.min(QUESTIONS[rung], material.questions.length) : QUESTIONS[rung];
  const hard = rung >= 4;
  const of = material.questions.map((q) => (hard ? q.hard || q.easy : q.easy || q.hard))[0];
  return { ...plain, rung, wording: `Answer ${count(n, hard ? 'hard question' : 'easy question')}${rung === 5 ? ', and say how you know' : rung <= 2 ? ', by telling or pointing' : ''}${of ? `: “${of}”` : ''}`, minutes: 3 + Math.ceil(n * (hard ? 2 : 1)), parentMinutes: rung <= 3 ? 3 + n : 2 };
}

/** A child's part in what is shown to all: it takes as long as the thing itself, and the parent leads all of it anyway. */
export function roleVersion(rung: Rung, minutes: number, cautions: readonly string[]): Version {
  const wording = { 1: 'Watch from a safe place, and say what you see', 2: 'Draw your guess first, and what really came', 3: 'Keep the clock, and call out what changes', 4: 'Measure, record, and compare with the guess', 5: 'Weigh and plan it, and write up what happened and why' }[rung];
  return { ...plain, rung, wording, minutes, parentMinutes: 0, note: cautions.length ? `With care, whoever does it: ${cautions.join('; ')}.` : '', produces: { 1: '', 2: 'a drawing', 3: 'a row of times', 4: 'a record', 5: 'a write-up' }[rung] };
}
