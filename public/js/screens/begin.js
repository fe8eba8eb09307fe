// The first salon: its time zone is most likely that of the device in hand, and prices are in the currency that is chosen.

const zone = document.querySelector('select[name="timezone"]');
const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
if (zone && ! document.querySelector('[aria-invalid]') && [...zone.options].some((option) => option.value === here)) {
    zone.value = here;
}

const currency = document.querySelector('select[name="currency"]');
const sayCurrency = () => document.querySelectorAll('[data-unit-of="money"]').forEach((unit) => { unit.textContent = currency.value; });
if (currency) {
    currency.addEventListener('change', sayCurrency);
    sayCurrency();
}
