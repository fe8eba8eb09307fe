// The first salon: its time zone is most likely that of the device in hand.

const zone = document.querySelector('select[name="timezone"]');
const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
if (zone && ! document.querySelector('[aria-invalid]') && [...zone.options].some((option) => option.value === here)) {
    zone.value = here;
}
