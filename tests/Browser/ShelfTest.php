<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;

it('reads a pasted list, is taught what it does not know, and says who must not have it', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->key('p');
        expect($browser->all('.shelf li'))->toHaveCount(15);
        $browser
            ->press('Add a product')
            ->type('name', 'Kelp leave-in')
            ->choose('kind', 'leave-in')
            ->type('ingredients', 'Once upon a time')
            ->tap('input[value="silicone-free"]')
            ->press('Save product');
        // A single unknown name is a list of one; prose is not.
        $browser
            ->key('p')
            ->press('Add a product')
            ->type('name', 'Kelp leave-in')
            ->choose('kind', 'leave-in')
            ->type('ingredients', str_repeat('Once, upon a time, there, was a pot, ', 5))
            ->press('Save product');
        expect($browser->text('.wrong'))
            ->toContain('not its story')
            ->and($browser->value('name'))
            ->toBe('Kelp leave-in');
        $browser
            ->type(
                'ingredients',
                "INGREDIENTS: AQUA (WATER), Glycerine, Moonlight Kelp, Dimethicone*, Parfum (Fragrance).\n*From sand, of natural origin.",
            )
            ->tap('input[value="silicone-free"]')
            ->type('size_ml', '250')
            ->press('Save product');
        expect($browser->text('main'))
            ->toContain('The label doesn’t match the ingredients')
            ->toContain('Dimethicone')
            ->toContain('Bea Marchetti-Oyelaran')
            ->toContain('not known');
        $browser->choose('function', 'humectant')->press('Add it');
        expect($browser->text('.said'))
            ->toContain('Learned')
            ->and($browser->text('.book'))->not
            ->toContain('not known');
        $browser->choose('how', 'level')->type('amount', '40')->press('Update stock');
        expect($browser->text('.figure'))->toBe('100');
        $browser->visit('/clients')->press('Bea')->more('Products for this hair');
        expect($browser->text('main'))->toContain('does not suit')->toContain('The allergy list names it: Parfum');
        $browser->tap('.more-tests:has([name="ingredient"]) summary')->type('ingredient', 'Glycerin')->press('Save it');
        expect($browser->text('.wrong'))->toContain('say what was seen or felt');
        $browser->type('what', 'Red behind the ear')->press('Save it');
        expect($browser->text('.said'))->toContain('you are warned wherever');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});

it('scales a mix, and refuses what the skin must not have', function (): void {
    $browser = Browser::open();
    try {
        $browser
            ->signIn()
            ->visit('/products/mix')
            ->type('title', 'Scalp oil')
            ->type('carrier', 'Jojoba Oil')
            ->type('total_ml', '60')
            ->type('parts[0][name]', 'Lavender Oil')
            ->type('parts[0][percent]', '3')
            ->press('Scale it');
        expect($browser->text('.wrong'))->toContain('Essential oils come to 3 %');
        $browser->type('parts[0][percent]', '0.5')->press('Scale it');
        expect($browser->text('.mix-label'))->toContain('Scalp oil, 60 mL')->toContain('59.7')->toContain('6');
    } finally {
        $browser->close();
    }
});
