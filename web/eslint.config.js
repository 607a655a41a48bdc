import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

const rooms = ['bench', 'choose', 'ready', 'log', 'shelf'];

export default ts.config(
  { ignores: ['node_modules', 'src/api/openapi.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  reactHooks.configs.flat.recommended,
  { languageOptions: { globals: globals.browser } },
  {
    // Told text is a list of pieces: it is joined in the shown unit, never by accident.
    files: ['src/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: { '@typescript-eslint/no-base-to-string': 'error' },
  },
  ...rooms.map((room) => ({
    files: [`src/rooms/${room}/**`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: rooms
            .filter((other) => other !== room)
            .map((other) => ({ group: [`**/rooms/${other}/**`, `../${other}/**`], message: 'Rooms never import each other.' })),
        },
      ],
    },
  })),
);
