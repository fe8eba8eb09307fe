// The head map: one zone at a time, by finger, mouse or keyboard; what is filled in has a thick edge.

import { isFilled } from '../shared/fields.js';
import { restNone } from './parts/rest-none.js';

const form = document.querySelector('form.by-zone');
const zones = [...form.querySelectorAll('[data-zone]')];
const panels = new Map([...form.querySelectorAll('[data-zone-panel]')].map((panel) => [panel.dataset.zonePanel, panel]));
const filled = (panel) => [...panel.querySelectorAll('[name^="raw["], [name^="zones["]')].some(isFilled);
const names = zones.map((zone) => zone.dataset.zone);
const said = new Map(zones.map((zone) => [zone.dataset.zone, zone.getAttribute('aria-label')]));
let open = names.find((name) => panels.get(name).querySelector('.is-danger')) ?? (names.includes(location.hash.slice(6)) ? location.hash.slice(6) : names[0]);

const show = (focus) => {
    panels.forEach((panel, name) => { panel.hidden = name !== open; });
    zones.forEach((zone) => {
        const done = filled(panels.get(zone.dataset.zone));
        zone.classList.toggle('is-open', zone.dataset.zone === open);
        zone.classList.toggle('is-filled', done);
        zone.setAttribute('aria-label', said.get(zone.dataset.zone) + (done ? '; filled in now' : ''));
        if (zone.dataset.zone === open) {
            zone.setAttribute('aria-current', 'true');
        } else {
            zone.removeAttribute('aria-current');
        }
    });
    if (focus) {
        panels.get(open).querySelector('input:not([type=hidden])')?.focus();
    }
};
zones.forEach((zone) => zone.addEventListener('click', (event) => {
    event.preventDefault();
    open = zone.dataset.zone;
    show(true);
}));
const next = form.querySelector('[data-next-zone]');
next.hidden = false;
next.addEventListener('click', () => {
    open = names[(names.indexOf(open) + 1) % names.length];
    show(true);
});
const elsewhere = form.querySelector('[data-elsewhere]');
if (elsewhere) {
    elsewhere.hidden = false;
    elsewhere.addEventListener('click', () => {
        restNone(form.querySelectorAll('[name*="[flakes_"]'));
        show(false);
    });
}
form.addEventListener('input', () => show(false));
show(false);
