// Pieces of a drawing.

/** @returns {SVGElement} an element with its attributes, and text within where there is any */
export const draw = (name, attributes = {}, text = null) => {
    const node = document.createElementNS('http://www.w3.org/2000/svg', name);
    Object.entries(attributes).forEach(([key, value]) => node.setAttribute(key, String(value)));
    if (text !== null) {
        node.textContent = text;
    }
    return node;
};

/** @returns {{x: number, y: number}} where a pointer is, in the drawing's own units */
export const pointIn = (svg, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
