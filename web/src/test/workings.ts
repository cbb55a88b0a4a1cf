import type { Step, Working } from '../api/types';

/** Steps by the sections that they belong to: `steps('set', 'ones', 'ones')`. */
export function steps(...sections: string[]): Step[] {
  return sections.map((section, number) => ({
    kind: 'add-column',
    section,
    sectionKey: section,
    say: `${section} ${number}`,
    facts: [],
  }));
}

/** As much of a working as the screens' own logic looks at. */
export function working(problem: string, own: Step[], check: Step[] = []): Working {
  const extent = { from: { row: 0, column: 0 }, to: { row: 4, column: 4 } };
  const paper = { extent, marks: [] };
  return {
    problem,
    sum: { plain: problem, method: 'column' },
    operation: 'ADDITION',
    methods: [],
    steps: own,
    paper,
    check: { steps: check, paper },
  } as unknown as Working;
}
