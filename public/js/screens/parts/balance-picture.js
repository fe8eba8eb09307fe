// The hair balance read by day: a tap, the arrow keys or the step buttons move the cursor; one kind of hair is shown at a time, and the strand beside the picture takes the state of the day.

/** @returns {number} the day nearest to a place on the picture, from 0 */
export const dayAt = (days, x) => {
    const step = days.length > 1 ? days[1].x - days[0].x : 1;

    return Math.max(0, Math.min(days.length - 1, Math.round((x - days[0].x) / step)));
};

/** @returns {number} today's place among the days: the last that lies at it, or the first */
export const todayOf = (days, x) => Math.max(0, days.findIndex((day) => day.x >= x));

/** @param {{ shapes: [string, number, string][], days: number[][] }} strand what the page knows of it */
const drawStrand = (portrait, strand, stratum, day) => {
    const [path, coat, nicks] = strand.shapes[strand.days[stratum][day]];
    portrait.querySelector('.strand').setAttribute('d', path);
    portrait.querySelector('.strand-coat').setAttribute('d', path);
    portrait.querySelector('.strand-coat').setAttribute('stroke-width', coat);
    portrait.querySelector('.nick').setAttribute('d', nicks);
};

/** @param {HTMLElement} figure with data-balance */
export const balancePicture = (figure) => {
    const svg = figure.querySelector('svg');
    const cursor = svg.querySelector('.cursor');
    const readout = figure.querySelector('[data-readout]');
    const days = JSON.parse(svg.dataset.days);
    const beside = svg.dataset.beside ? JSON.parse(svg.dataset.beside) : [];
    const strand = figure.dataset.strand ? JSON.parse(figure.dataset.strand) : null;
    const portrait = document.querySelector('[data-living-strand]');
    const portraitDay = document.querySelector('[data-strand-day]');
    const today = todayOf(days, Number(svg.dataset.today));
    const frame = svg.parentElement;
    let at = today;
    let stratum = 0;

    // On a narrow screen the picture is wider than the page: begin with today in the middle.
    frame.scrollLeft = Number(svg.dataset.today) / svg.viewBox.baseVal.width * svg.clientWidth - frame.clientWidth / 2;

    const show = (index) => {
        at = Math.max(0, Math.min(days.length - 1, index));
        const day = days[at];
        cursor.setAttribute('x1', day.x);
        cursor.setAttribute('x2', day.x);
        cursor.removeAttribute('hidden');
        const date = document.createElement('b');
        date.textContent = day.date;
        readout.replaceChildren(date, `: ${[...day.says[stratum], ...beside[at]?.[stratum] ?? []].join(' · ')}`);
        if (strand && portrait) {
            drawStrand(portrait, strand, stratum, at);
            portraitDay.textContent = at === today ? portraitDay.dataset.now : day.date;
        }
    };

    svg.addEventListener('pointermove', (event) => {
        const box = svg.getBoundingClientRect();
        show(dayAt(days, (event.clientX - box.left) / box.width * svg.viewBox.baseVal.width));
    });
    svg.addEventListener('click', (event) => {
        const box = svg.getBoundingClientRect();
        show(dayAt(days, (event.clientX - box.left) / box.width * svg.viewBox.baseVal.width));
    });
    svg.addEventListener('keydown', (event) => {
        const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (step) {
            event.preventDefault();
            show(at + step * (event.shiftKey ? 7 : 1));
        } else if (event.key === 'Home' || event.key === 'End') {
            event.preventDefault();
            show(event.key === 'Home' ? 0 : days.length - 1);
        }
    });
    svg.addEventListener('focus', () => show(at));
    for (const button of figure.querySelectorAll('[data-step]')) {
        button.addEventListener('click', () => show(button.dataset.step === '0' ? today : at + Number(button.dataset.step)));
    }
    for (const button of figure.querySelectorAll('[data-stratum]')) {
        button.addEventListener('click', () => {
            stratum = Number(button.dataset.stratum);
            for (const one of figure.querySelectorAll('[data-stratum]')) {
                one.setAttribute('aria-pressed', String(one === button));
            }
            for (const group of svg.querySelectorAll('[data-of]')) {
                group.toggleAttribute('hidden', Number(group.dataset.of) !== stratum);
            }
            show(at);
        });
    }
};
