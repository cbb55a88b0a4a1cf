import type { Setting, Settings } from '../api/types';

type Group = Settings['groups'][number];

/**
 * The settings that have all the typed words in their name, their subject, their choices or moves.
 */
export function found(groups: Group[], typed: string): Group[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) {
    return groups;
  }
  const speaksOf = (group: string, { name, about, choices, moves }: Setting) => {
    const values = [...choices.map((each) => each.name), ...moves.map(({ word }) => word)];
    const text = [group, name, about, ...values].join(' ').toLowerCase();
    return words.every((word) => text.includes(word));
  };
  return groups
    .map(({ name, settings }) => ({
      name,
      settings: settings.filter((setting) => speaksOf(name, setting)),
    }))
    .filter(({ settings }) => settings.length > 0);
}
