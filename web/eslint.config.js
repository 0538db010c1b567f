import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

// What a folder may import: only what stands before it here. Views know nothing of one another; only the shell knows them all.
const SHARED = ['api', 'kit', 'wire', 'bench', 'card', 'print'];
const VIEWS = [
  'tray',
  'rack',
  'bath',
  'daybook',
  'jobs',
  'tools',
  'stones',
  'settings',
  'help',
  ...['wire', 'shape', 'harden', 'colour', 'cut', 'make', 'log'].map((name) => `stations/${name}`),
];

/** No file of the folder imports from the folders named. */
function border(folder, forbidden) {
  const up = '../'.repeat(folder.split('/').length);
  const beside = forbidden.filter((f) => f.startsWith('stations/')).map((f) => f.replace('stations/', '../'));
  const group = forbidden.map((f) => `${up}${f}/*`);
  if (folder.startsWith('stations/')) group.push(...beside.map((f) => `${f}/*`));
  return {
    files: [`src/${folder}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group, message: `${folder} stands below that folder, or beside it.` }] },
      ],
    },
  };
}

export default ts.config(
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.strict,
  { plugins: { 'react-hooks': hooks }, rules: { ...hooks.configs.recommended.rules } },
  ...SHARED.map((folder, at) => border(folder, [...SHARED.slice(at + 1), ...VIEWS, 'shell'])),
  ...VIEWS.map((folder) => border(folder, [...VIEWS.filter((other) => other !== folder), 'shell'])),
);
