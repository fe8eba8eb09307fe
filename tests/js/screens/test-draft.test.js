import { describe, expect, it } from 'vitest';
import { begin, collected, differing, merged, put } from '../../../public/js/screens/parts/test-draft.js';

const form = (html) => Object.assign(document.createElement('form'), { innerHTML: html });

describe('a draft on two tablets', () => {
    it('takes over what was typed elsewhere, and leaves what was changed here', () => {
        const { set, acked } = merged({
            fields: { 'raw[a]': '1', 'raw[b]': '5', 'raw[c]': '3' },
            acked: { 'raw[a]': '1', 'raw[b]': '2', 'raw[c]': '3' },
            theirs: { 'raw[a]': '7', 'raw[b]': '9', 'raw[c]': '', 'raw[d]': '4' },
        });
        expect(set).toEqual({ 'raw[a]': '7', 'raw[c]': '', 'raw[d]': '4' });
        // What the other typed over is known: sent again, ours counts as the later.
        expect(acked).toEqual({ 'raw[a]': '7', 'raw[b]': '9', 'raw[c]': '', 'raw[d]': '4' });
    });
    it('begins with what the salon has, and with what was changed here on top of it', () => {
        const local = { fields: { 'raw[a]': '1', 'raw[b]': '5' }, acked: { 'raw[a]': '1', 'raw[b]': '2' }, revision: 3 };
        expect(begin(local, { fields: { 'raw[a]': '8', 'raw[b]': '2' }, revision: 4 })).toEqual({ fields: { 'raw[a]': '8', 'raw[b]': '5' }, acked: { 'raw[a]': '8', 'raw[b]': '2' }, revision: 4 });
        // A page that was kept knows less than the device.
        expect(begin(local, null)).toEqual({ fields: { 'raw[a]': '1', 'raw[b]': '5' }, acked: local.acked, revision: 3 });
        expect(begin(null, null)).toEqual({ fields: null, acked: {}, revision: 0 });
        expect(begin({ fields: { date: '2027-01-09' } }, null).fields).toBeNull();
    });
    it('sends what differs alone, also what was emptied', () => {
        expect(differing({ 'raw[a]': '1', 'raw[b]': '2' }, { 'raw[b]': '2', 'raw[c]': '3' })).toEqual(['raw[a]', 'raw[c]']);
    });
    it('collects what was typed, and puts it in again, choices and texts and ticks', () => {
        const html = '<input name="_token" value="t"><input name="raw[x]" value=""><input type="radio" name="raw[p]" value="1"><input type="radio" name="raw[p]" value="2" checked>'
            + '<input type="checkbox" name="raw[h][snapped]" value="1" checked><input name="date" value="2027-01-09">';
        const one = form(html);
        one.querySelector('[name="raw[x]"]').value = '3,5';
        const fields = collected(one);
        expect(fields).toEqual({ 'raw[x]': '3,5', 'raw[p]': '2', 'raw[h][snapped]': '1', date: '2027-01-09' });
        const other = form(html.replaceAll(' checked', ''));
        put(other, fields);
        expect(collected(other)).toEqual(fields);
        put(other, { 'raw[p]': '', 'raw[x]': '', 'raw[h][snapped]': '' });
        expect(collected(other)).toEqual({ date: '2027-01-09' });
    });
});
