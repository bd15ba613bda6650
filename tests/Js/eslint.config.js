const browser = [
    'ResizeObserver', 'getComputedStyle', 'requestAnimationFrame', 'localStorage',
    'Element', 'Event', 'FormData', 'HTMLInputElement', 'URLSearchParams', 'XMLSerializer', 'clearTimeout', 'document',
    'fetch', 'getSelection', 'localStorage', 'location', 'matchMedia', 'navigator', 'sessionStorage', 'setInterval',
    'setTimeout', 'window',
];

export default [{
    files: ['resources/js/**/*.js', 'tests/Js/**/*.js'],
    languageOptions: {globals: Object.fromEntries(browser.map((name) => [name, 'readonly']))},
    rules: {
        'no-undef': 'error',
        'no-unused-vars': 'error',
        'no-use-before-define': ['error', {variables: false}],
        'no-var': 'error',
        'prefer-const': 'error',
        'prefer-template': 'error',
        'object-shorthand': 'error',
        'arrow-body-style': ['error', 'as-needed'],
        'no-shadow': 'error',
        'no-redeclare': 'error',
        'no-unreachable': 'error',
        'no-dupe-keys': 'error',
        'no-implicit-globals': 'error',
        eqeqeq: 'error',
        complexity: ['error', 10],
        'max-lines-per-function': ['error', 80],
    },
}];
