// Reads the balance river by day: pointer or arrow keys move the cursor, the line beneath says the numbers.

for (const figure of document.querySelectorAll('[data-river]')) {
    const svg = figure.querySelector('svg');
    const cursor = svg.querySelector('.cursor');
    const readout = figure.querySelector('[data-readout]');
    const days = JSON.parse(svg.dataset.days);
    let at = Math.max(0, days.findIndex((day) => day.x >= Number(svg.dataset.today)));

    // On a narrow screen the river is wider than the page: begin with today in the middle.
    figure.scrollLeft = Number(svg.dataset.today) / svg.viewBox.baseVal.width * svg.clientWidth - figure.clientWidth / 2;

    const show = (index) => {
        at = Math.max(0, Math.min(days.length - 1, index));
        const day = days[at];
        cursor.setAttribute('x1', day.x);
        cursor.setAttribute('x2', day.x);
        cursor.removeAttribute('hidden');
        const date = document.createElement('b');
        date.textContent = day.date;
        readout.replaceChildren(date, `: ${day.says.join(' · ')}`);
    };

    svg.addEventListener('pointermove', (event) => {
        const box = svg.getBoundingClientRect();
        const x = (event.clientX - box.left) / box.width * svg.viewBox.baseVal.width;
        const step = days.length > 1 ? days[1].x - days[0].x : 1;
        show(Math.round((x - days[0].x) / step));
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
}
