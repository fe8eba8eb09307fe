import { describe, expect, it } from 'vitest';
import { restNone } from '../../../public/js/screens/parts/rest-none.js';

const radios = (name, checked) => ['0', '1', '2'].map((value) => ({ name, type: 'radio', value, checked: value === checked }));
const typed = (name, value) => ({ name, type: 'text', value, checked: false });

describe('zones that show nothing', () => {
    it('puts 0 where nothing stands and leaves what was tapped', () => {
        const fields = [...radios('crown', '2'), ...radios('nape', null), ...radios('edges', '0')];
        restNone(fields);
        expect(fields.filter((field) => field.checked).map((field) => `${field.name} ${field.value}`)).toEqual(['crown 2', 'nape 0', 'edges 0']);
    });

    it('does so where numbers are typed, and leaves what is no number to be refused', () => {
        const fields = [typed('crown', '6'), typed('nape', ' '), typed('edges', 'many')];
        restNone(fields);
        expect(fields.map((field) => field.value)).toEqual(['6', '0', 'many']);
    });
});
