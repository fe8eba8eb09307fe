import { beforeEach, describe, expect, it, vi } from 'vitest';

const page = `<select name="timezone"><option>Europe/Lisbon</option><option>Asia/Tokyo</option></select>
    <select name="currency"><option>EUR</option><option>JMD</option></select>
    <span data-unit-of="money">EUR</span><span data-unit-of="money">EUR</span>`;
const units = () => [...document.querySelectorAll('[data-unit-of]')].map(({ textContent }) => textContent);

describe('the first salon', () => {
    beforeEach(() => {
        document.body.innerHTML = page;
        vi.resetModules();
    });

    it('has its prices in the currency that is chosen', async () => {
        await import('../../../public/js/screens/begin.js');
        const currency = document.querySelector('[name="currency"]');
        currency.value = 'JMD';
        currency.dispatchEvent(new Event('change'));
        expect(units()).toEqual(['JMD', 'JMD']);
    });

    it('says the currency that was chosen before something was wrong', async () => {
        document.querySelector('[name="currency"]').value = 'JMD';
        await import('../../../public/js/screens/begin.js');
        expect(units()).toEqual(['JMD', 'JMD']);
    });
});
