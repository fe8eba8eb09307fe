import { expect, it } from 'vitest';
import { restNone } from '../../../public/js/screens/parts/rest-none.js';

const radios = (name, checked, values = ['0', '1', '2']) => values.map((value) => ({ name, value, checked: value === checked }));

it('taps 0 in zones of which nothing is said, and leaves what was tapped', () => {
    const fields = [...radios('crown', '2'), ...radios('nape', null), ...radios('edges', '0'), ...radios('back', null, ['1', '2'])];
    restNone(fields);
    expect(fields.filter((field) => field.checked).map((field) => `${field.name} ${field.value}`)).toEqual(['crown 2', 'nape 0', 'edges 0']);
});
