import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The folders from the ground up: each may import from those below it and from itself. */
const FLOORS = [
  ['words'],
  ['api', 'theme'],
  ['ui'],
  ['paper'],
  ['hand', 'session'],
  ['backup', 'mistake', 'scan'],
  ['marking', 'runs'],
  [
    'board',
    'desk',
    'guide',
    'house',
    'plan',
    'register',
    'rooms',
    'seat',
    'sets',
    'slate',
    'workbook',
  ],
  ['app'],
];

/** What a person reads stands in words/en.json. */
const SHOWN = '/^(label|title|placeholder|alt|aria-label|helperText|heading)$/';
const LETTERS = '/[A-Za-z]{2}/';
const message = 'Put these words into words/en.json.';
const WORDING = [
  { selector: `JSXText[value=${LETTERS}]`, message },
  { selector: `JSXAttribute[name.name=${SHOWN}] > Literal[value=${LETTERS}]`, message },
];

/** A size of type has a name in the theme; figures on paper are as large as their squares. */
const SIZES = {
  selector: 'Property[key.name="fontSize"] > Literal[raw=/\\d/]',
  message: 'Use a size of the theme.',
};

/** What a press does goes through one guard. */
const ONLY_ONCE = {
  name: '@tanstack/react-query',
  importNames: ['useMutation'],
  message: 'Use useAct: a double press does it once.',
};

/** Neither the folders above nor those beside a folder may be imported. */
const layering = FLOORS.slice(0, -1).flatMap((floor, level) =>
  floor.flatMap((folder) => {
    const barred = FLOORS.slice(level)
      .flat()
      .filter((other) => other !== folder);
    const group = barred.flatMap((other) => [`../${other}`, `../${other}/**`]);
    const below = `${folder} lies below these folders, or beside them.`;
    const called = `ImportExpression > Literal[value=/^\\.\\.\\u002F(${barred.join('|')})(\\u002F|$)/]`;
    return [
      {
        files: [`src/${folder}/**/*.{ts,tsx}`],
        rules: {
          'no-restricted-imports': [
            'error',
            {
              patterns: [{ group, message: below }],
              paths: folder === 'ui' ? [] : [ONLY_ONCE],
            },
          ],
          'no-restricted-syntax': [
            'error',
            ...WORDING,
            ...(folder === 'paper' ? [] : [SIZES]),
            { selector: called, message: below },
          ],
        },
      },
      // A test says words of its own.
      {
        files: [`src/${folder}/**/*.test.tsx`],
        rules: {
          'no-restricted-syntax': ['error', { selector: called, message: below }],
        },
      },
    ];
  }),
);

export default tseslint.config(
  { ignores: ['target', 'node_modules', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  jsxA11y.flatConfigs.recommended,
  {
    // A dialog that opens for one thing puts the cursor where that thing is typed.
    rules: { 'jsx-a11y/no-autofocus': 'off' },
  },
  {
    files: ['src/*.tsx', 'src/app/**/*.tsx'],
    ignores: ['src/**/*.test.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...WORDING, SIZES] },
  },
  ...layering,
);
