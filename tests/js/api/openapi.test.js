/* The document other programs are connected by, as an independent validator reads it: the published schema of OpenAPI 3.1. */

import { readFileSync } from 'node:fs';
import { Validator } from '@seriousme/openapi-schema-validator';
import { expect, test } from 'vitest';

const document = () => JSON.parse(readFileSync('resources/api/openapi.json', 'utf8'));

test('is an OpenAPI document of version 3.1', async () => {
    const validator = new Validator();
    const result = await validator.validate(document());
    expect(result.errors ?? []).toEqual([]);
    expect(result.valid).toBe(true);
    expect(validator.version).toBe('3.1');
});

test('would be refused where it is none', async () => {
    for (const spoil of [
        (spec) => delete spec.info.title,
        (spec) => { spec.paths['/clients'].get.parameters[0].in = 'pocket'; },
        (spec) => { spec.paths['/clients'].get.responses = []; },
        (spec) => { spec.components.securitySchemes.token.type = 'key'; },
    ]) {
        const spec = document();
        spoil(spec);
        expect((await new Validator().validate(spec)).valid).toBe(false);
    }
});

test('leads nowhere that is not there, and names every operation once', () => {
    const spec = document();
    const names = [];
    (function walk(part) {
        for (const [key, value] of Object.entries(part)) {
            if (key === '$ref') {
                const found = value.slice(2).split('/').reduce((at, step) => at?.[step.replaceAll('~1', '/')], spec);
                expect(found, value).toBeDefined();
            }
            if (key === 'operationId') {names.push(value);}
            if (value && typeof value === 'object') {walk(value);}
        }
    }(spec));
    expect(new Set(names).size).toBe(names.length);
});
