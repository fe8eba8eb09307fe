import globals from 'globals';

const rules = {
    'array-callback-return': 'error',
    'consistent-return': 'error',
    curly: 'error',
    eqeqeq: 'error',
    'max-depth': ['error', 4],
    'max-lines': ['error', 300],
    'max-lines-per-function': ['error', { max: 80, skipComments: true }],
    'no-alert': 'error',
    'no-console': 'error',
    'no-else-return': 'error',
    'no-eval': 'error',
    'no-implicit-globals': 'error',
    'no-shadow': 'error',
    'no-undef': 'error',
    'no-unused-vars': ['error', { ignoreRestSiblings: true }],
    'no-use-before-define': ['error', { functions: false, variables: false }],
    'no-var': 'error',
    'object-shorthand': 'error',
    'prefer-const': 'error',
    'prefer-template': 'error',
    'require-await': 'error',
};

export default [
    { files: ['public/js/**/*.js'], languageOptions: { globals: globals.browser }, rules },
    { files: ['public/page-worker.js'], languageOptions: { globals: globals.serviceworker, sourceType: 'script' }, rules: { ...rules, 'no-implicit-globals': 'off' } },
    { files: ['tests/js/**/*.js'], languageOptions: { globals: { ...globals.browser, ...globals.node } }, rules: { ...rules, 'max-lines-per-function': 'off' } },
    { linterOptions: { reportUnusedDisableDirectives: 'error' } },
];
