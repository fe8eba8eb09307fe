// Dragging somebody onto the picture. A mouse drags at once; a finger holds first, so that the page can still be scrolled.

const MOVED_PX = 6;
const FOLLOWS_MS = 60;
const HOLD_MS = 380;

/** The click that follows at once is part of the drag and opens nothing; one that comes later is meant. */
const swallowClick = () => {
    const swallow = (click) => {
        click.preventDefault();
        click.stopPropagation();
    };
    addEventListener('click', swallow, { capture: true, once: true });
    setTimeout(() => removeEventListener('click', swallow, { capture: true }), FOLLOWS_MS);
};

/**
 * @param {string} what selector of what can be dragged
 * @param {{begin: function(HTMLElement, PointerEvent): void, over: function(PointerEvent): void, drop: function(PointerEvent): void, cancel: function(): void}} does
 */
export const dragged = (what, { begin, over, drop, cancel }) => {
    let held = null;
    let isDragging = false;
    const start = (event) => {
        isDragging = true;
        clearTimeout(held.timer);
        begin(held.source, event);
    };
    const end = () => {
        clearTimeout(held?.timer);
        [held, isDragging] = [null, false];
    };
    addEventListener('pointerdown', (event) => {
        const source = event.target.closest?.(what);
        if (source === null || source === undefined || event.button !== 0 || held !== null) {
            return;
        }
        held = { source, id: event.pointerId, x: event.clientX, y: event.clientY, timer: null };
        if (event.pointerType !== 'mouse') {
            held.timer = setTimeout(() => start(event), HOLD_MS);
        }
    });
    addEventListener('pointermove', (event) => {
        if (held === null || event.pointerId !== held.id) {
            return;
        }
        const isFar = Math.hypot(event.clientX - held.x, event.clientY - held.y) > MOVED_PX;
        if (!isDragging && isFar) {
            if (event.pointerType === 'mouse') {
                start(event);
            } else {
                // The page is being scrolled.
                end();
            }
        }
        if (isDragging) {
            over(event);
        }
    });
    addEventListener('pointerup', (event) => {
        if (held === null || event.pointerId !== held.id) {
            return;
        }
        const was = isDragging;
        end();
        if (was) {
            swallowClick();
            drop(event);
        }
    });
    addEventListener('pointercancel', () => {
        const was = isDragging;
        end();
        if (was) {
            cancel();
        }
    });
    addEventListener('touchmove', (event) => isDragging && event.preventDefault(), { passive: false });
    addEventListener('dragstart', (event) => event.target.closest?.(what) && event.preventDefault());
    addEventListener('contextmenu', (event) => held !== null && event.preventDefault());
};
