// What stands beside the picture while a client is given a place: who, where, what it does to everybody, and the buttons.

const item = (sentence) => Object.assign(document.createElement('li'), { textContent: sentence });
const hidden = ([name, value]) => Object.assign(document.createElement('input'), { type: 'hidden', name, value: String(value) });

/** @param {HTMLFormElement} form as the page brought it */
export const makePanel = (form) => {
    const part = (name) => form.querySelector(`[data-${name}]`);
    const say = (sentence) => { part('where').textContent = sentence; };
    const list = (sentences) => part('effect').replaceChildren(...sentences.map(item));
    return {
        form,
        say,
        list,
        place: part('place'),
        opening: () => {
            form.hidden = false;
            part('what').textContent = '';
            part('place').disabled = true;
            list([]);
            say(form.dataset.looking);
        },
        /** @param {{what: string, do: string, action: string, fields: Object}} places as the salon told */
        open: (places) => {
            form.action = places.action;
            part('fields').replaceChildren(...Object.entries({ ...places.fields, slot: '' }).map(hidden));
            part('what').textContent = places.what;
            part('place').textContent = places.do;
        },
        /** @param {{slot: string, says: string}|null} place null: there is no room where was pointed */
        chosen: (place) => {
            part('place').disabled = place === null;
            form.elements.slot.value = place?.slot ?? '';
            say(place === null ? form.dataset.notThere : place.says);
            list([]);
        },
        close: () => { form.hidden = true; },
    };
};
