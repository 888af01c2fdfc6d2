/** The settings of a hotspot on paper: line by line, in working order. */
import type { Section, Setting } from './setting';
import { settingWords } from './words';

export interface SheetLine {
  id: string;
  label: string;
  text: string;
}

export interface SheetSection {
  section: Section;
  lines: SheetLine[];
}

/** What nobody has said is left out: there is nothing to set. */
function linesOf(setting: Setting, passwords: boolean): SheetLine[] {
  const { id, title, value, lines } = setting;
  if (lines) return lines.map((text, at) => ({ id: `${id}-${at}`, label: `${title} ${at + 1}`, text }));
  const isUnsaid = (value === null || value === '') && setting.lackWords === undefined;
  return isUnsaid ? [] : [{ id, label: title, text: settingWords(setting, { passwords }) }];
}

/** By section, in the order of settings; a section without anything said is left out. */
export function settingsSheet(settings: readonly Setting[], { passwords }: { passwords: boolean }): SheetSection[] {
  const sections: SheetSection[] = [];
  for (const setting of settings) {
    const lines = linesOf(setting, passwords);
    if (lines.length === 0) continue;
    const last = sections.at(-1);
    if (last?.section === setting.section) last.lines.push(...lines);
    else sections.push({ section: setting.section, lines });
  }
  return sections;
}
