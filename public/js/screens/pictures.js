import { mine } from '../offline/mine.js';
import { words } from '../shared/words.js';

// Two pictures over one another: the slider uncovers the later one. A range input, so that keys and touch work alike.

for (const figure of document.querySelectorAll('[data-compare]')) {
    const over = figure.querySelector('.compare-over');
    const slide = figure.querySelector('[data-slide]');
    const show = () => { over.style.clipPath = `inset(0 0 0 ${100 - Number(slide.value)}%)`; };
    slide.addEventListener('input', show);
    show();
}

// A picture that cannot be sent now is kept on this device, once, and goes out when the salon can be reached.
const form = document.querySelector('[data-keep-picture]');
if (form) {
    const said = form.querySelector('[data-sent]');
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        const button = form.querySelector('button:not([type=button])');
        const all = [...new FormData(form)].filter(([name]) => !['_token', '_act', '_method'].includes(name));
        const file = all.map(([, value]) => value).find((value) => value instanceof File && value.size > 0);
        if (button.disabled || file === undefined) {
            form.submit();
            return;
        }
        button.disabled = true;
        const queue = mine();
        const { key, sent } = queue.add({
            address: form.action,
            subject: form.dataset.of,
            label: words('picture'),
            act: { fields: Object.fromEntries(all.filter(([, value]) => !(value instanceof File))), file: { field: all.find(([, value]) => value === file)[0], blob: file, name: file.name } },
            change: location.pathname,
        });
        await sent;
        if (queue.refused().some((record) => record.key === key)) {
            // The page itself says best what is wrong, beside each field.
            await queue.drop(key);
            form.submit();
        } else if (queue.waiting().some((record) => record.key === key)) {
            said.textContent = words('picture-waits');
            said.hidden = false;
        } else {
            location.reload();
        }
    });
}
