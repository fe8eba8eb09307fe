// An address that is handed on: copied, or given to whatever the device sends with.

// A salon that is reached without HTTPS has no clipboard; there the browser copies what is selected.
const copy = async (field, { clipboard, copySelected }) => {
    if (clipboard) {
        try {
            await clipboard.writeText(field.value);
            return true;
        } catch {
            // Not allowed: by the old way then.
        }
    }
    field.focus();
    field.select();

    return copySelected();
};

/**
 * @param {HTMLElement} box with the field, its buttons and where it is said
 * @param {{clipboard?: Clipboard, copySelected: () => boolean, share?: (what: {url: string}) => Promise<void>}} device
 */
export const handOver = (box, device) => {
    const field = box.querySelector('input');
    const said = box.querySelector('[data-handed]');
    const [copies, sends] = [box.querySelector('[data-copy]'), box.querySelector('[data-send]')];
    copies.addEventListener('click', async () => {
        const isCopied = await copy(field, device);
        said.textContent = isCopied ? copies.dataset.copied : copies.dataset.byHand;
    });
    if (device.share && sends) {
        sends.hidden = false;
        // Who thinks better of it has sent nothing, and nothing is wrong.
        sends.addEventListener('click', () => device.share({ url: field.value }).catch(() => {}));
    }
};

export const handOverAll = (boxes) => boxes.forEach((box) => handOver(box, {
    clipboard: navigator.clipboard,
    copySelected: () => document.execCommand('copy'),
    share: navigator.share?.bind(navigator),
}));
