<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;

it('runs a half-head trial from the question to the answer, and keeps a style beside it', function (): void {
    $browser = Browser::open();
    try {
        $browser->signIn()->press('Ono')->more('Trials');
        $browser->type('change', '')->press('Begin the trial');
        expect($browser->text('.wrong'))->toContain('say the one thing');
        $browser
            ->type('change', 'Seal the right side with castor oil')
            ->choose('sign', 'dryness')
            ->choose('usual_zone', 'left')
            ->choose('changed_zone', 'right')
            ->type('began_on', date('Y-m-d', strtotime('-30 days')))
            ->press('Begin the trial');
        $head = preg_replace('#/trends/trials$#', '', $browser->path());
        foreach ([[6, 4], [5, 4], [6, 3], [5, 3]] as $i => [$left, $right]) {
            foreach (['left' => $left, 'right' => $right] as $zone => $points) {
                $browser
                    ->visit("{$head}/hair-tests")
                    ->choose('zone', $zone)
                    ->type('date', date('Y-m-d', strtotime('-' . (28 - 7 * $i) . ' days')))
                    ->tap("input[name=\"raw[dryness][points]\"][value=\"{$points}\"]")
                    ->press('Save results');
            }
        }
        $browser->visit("{$head}/trends/trials");
        expect($browser->text('.trend'))
            ->toContain('Less by 2.0 of 10')
            ->toContain('1 of 8 such trials')
            ->toContain('6, 5, 6, 5')
            ->toContain('4, 4, 3, 3');
        $browser->press('End it');
        expect($browser->text('.trend'))->toContain('ended');

        $browser
            ->visit("{$head}/style")
            ->choose('styling', 'twists')
            ->press('Follow it')
            ->choose('what', 'covered')
            ->press('Save');
        expect($browser->text('.recent'))
            ->toContain('slept on satin')
            ->and($browser->text('main'))
            ->toContain('Take it down by');
        $browser->press('It was last good then');
        expect($browser->text('.said'))->toContain('went to the hair tests');
        expect($browser->complaints())->toBe([]);
    } finally {
        $browser->close();
    }
});
