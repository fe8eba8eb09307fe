// @vitest-environment node
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { transform } from 'esbuild';
import { describe, expect, it } from 'vitest';

const root = join(import.meta.dirname, '../../..');
const scripts = readdirSync(join(root, 'public/js'), { recursive: true }).filter((name) => name.endsWith('.js'));
const BARE = 'require "app/Http/Assets/AssetFile.php"; echo json_encode(array_map('
    + '[App\\Http\\Assets\\AssetFile::class, "bare"], json_decode(stream_get_contents(STDIN), true)), JSON_THROW_ON_ERROR);';
const bare = (sources) => JSON.parse(execFileSync('php', ['-r', BARE], { cwd: root, input: JSON.stringify(sources), maxBuffer: 1 << 26 }));
const said = async (source) => (await transform(source, { minify: true, format: 'esm', target: 'es2022' })).code;

describe('a script as it is handed out', () => {
    const sources = scripts.map((name) => readFileSync(join(root, 'public/js', name), 'utf8'));
    const handed = bare(sources);

    it('does the same without its comments', async () => {
        expect(scripts.length).toBeGreaterThan(60);
        for (const [i, name] of scripts.entries()) {
            expect(await said(handed[i]), name).toBe(await said(sources[i]));
        }
    });

    it('keeps the number of each line', () => {
        for (const [i, name] of scripts.entries()) {
            expect(handed[i].split('\n').length, name).toBe(sources[i].split('\n').length);
        }
    });

    it('weighs a fifth less at least when packed, and keeps what only looks like a comment', () => {
        const packed = (all) => all.reduce((bytes, source) => bytes + gzipSync(source).length, 0);
        expect(packed(handed)).toBeLessThan(0.8 * packed(sources));
        const [kept] = bare(["const a = 'https://x';\n// gone\nconst b = /* in a line */ 1;\n/**\n * gone\n */\nconst c = 2; // stays\n"]);
        expect(kept).toBe("const a = 'https://x';\n\nconst b = /* in a line */ 1;\n\n\n\nconst c = 2; // stays\n");
    });
});
