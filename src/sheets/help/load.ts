import { asHtml, helpPages, methodSections } from '../frame/help/pages';
import { customsNow } from '../frame/customs-load';
import { load, type FrameInfo, type SearchParams } from '../frame/load';

export interface HelpView {
  info: FrameInfo;
  name: string;
  title: string;
  /** Pieces of the page, as HTML made of Markdown; those of the method can be gone to by name. */
  pieces: { name: string; title: string; html: string }[];
  pages: { name: string; title: string }[];
}

/** A page of help, or how everything is worked out; undefined where there is none of that name. */
export async function loadHelp(name: string, params: SearchParams): Promise<HelpView | undefined> {
  const { info } = await load(params);
  const pages = [
    ...helpPages().map((p) => ({ name: p.name, title: p.title })),
    { name: 'method', title: 'Where each number comes from' },
  ];
  if (name === 'method')
    return {
      info,
      name,
      title: 'Where each number comes from',
      pieces: methodSections().map((s) => ({
        name: s.name,
        title: s.title,
        html: asHtml(s.text, customsNow().spelling),
      })),
      pages,
    };
  const page = helpPages().find((p) => p.name === name);
  return (
    page && {
      info,
      name,
      title: page.title,
      pieces: [
        { name: page.name, title: '', html: asHtml(page.text.replace(/^# .*\n/, ''), customsNow().spelling) },
      ],
      pages,
    }
  );
}
