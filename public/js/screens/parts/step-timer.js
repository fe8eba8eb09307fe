// The timer of a step at home: it goes by the clock, so a phone that slept tells the right time, and it stays over a reload.

/** @returns {string} minutes and seconds left, such as 9:05 */
export const left = (ms) => {
    const seconds = Math.max(0, Math.ceil(ms / 1000));

    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

/**
 * @param {HTMLButtonElement} button with data-timer (minutes) and data-what
 * @param {{ key: string, storage: Storage, now: function(): number, words: function(string, object): string, up: function(string): void }} of
 * @returns {function(): void} to be called every second
 */
export const stepTimer = (button, of) => {
    const idle = button.textContent;
    const read = () => {
        try {
            return Number(of.storage.getItem(of.key)) || null;
        } catch {
            return null;
        }
    };
    const write = (endsAt) => {
        try {
            endsAt === null ? of.storage.removeItem(of.key) : of.storage.setItem(of.key, String(endsAt));
        } catch {
            // Then it runs as long as the page is open.
        }
    };
    let endsAt = read();
    const tick = () => {
        if (endsAt === null) {
            return;
        }
        if (endsAt <= of.now()) {
            const late = of.now() - endsAt;
            endsAt = null;
            write(null);
            button.textContent = idle;
            button.removeAttribute('aria-pressed');
            // What ran out long ago, with the page closed, calls nobody any more.
            if (late < 60 * 60 * 1000) {
                of.up(of.words('time-up', { what: button.dataset.what }));
            }
            return;
        }
        button.textContent = of.words('time-left', { left: left(endsAt - of.now()) });
        button.setAttribute('aria-pressed', 'true');
    };
    button.addEventListener('click', () => {
        if (endsAt === null) {
            endsAt = of.now() + Number(button.dataset.timer) * 60 * 1000;
        } else {
            endsAt = null;
            button.textContent = idle;
            button.removeAttribute('aria-pressed');
        }
        write(endsAt);
        tick();
    });
    tick();

    return tick;
};
