// Two pictures over one another: the slider uncovers the later one. A range input, so that keys and touch work alike.

for (const figure of document.querySelectorAll('[data-compare]')) {
    const over = figure.querySelector('.compare-over');
    const slide = figure.querySelector('[data-slide]');
    const show = () => { over.style.clipPath = `inset(0 0 0 ${100 - Number(slide.value)}%)`; };
    slide.addEventListener('input', show);
    show();
}
