<?php

declare(strict_types=1);

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\WashDay\Pace;
use Nagomi\Core\WashDay\StylingMethod;
use Nagomi\Core\WashDay\TakeDown;
use Nagomi\Core\WashDay\WashDayBuilder;
use Nagomi\Core\WashDay\WashDayStep;

it('styles as long as its method takes, section by section', function (StylingMethod $styling, float $aSection): void {
    $head = Make::head();
    $plan = WashDayBuilder::plan(
        $head,
        [Step::cleanse(CleanseKind::Gentle), Step::detangle(20, 'comb', 'wet-with-slip')],
        Pace::of($head, []),
        styling: $styling,
    );
    $style = array_values(array_filter($plan->steps, fn (WashDayStep $step): bool => $step->key === 'style'))[0];
    // Common practice, no source: 2 to 6 minutes a section for wash-and-go styles, braids longer.
    expect($style->handsOnMinutes)
        ->toEqualWithDelta($aSection * $head->sections, 1e-9)
        ->and($style->bySection)
        ->toBeTrue();
})->with([[StylingMethod::Rake, 3.0], [StylingMethod::Coils, 6.0], [StylingMethod::Braids, 8.0]]);

it('says when a protective style comes down, and that late is longer', function (): void {
    expect(TakeDown::of(
        StylingMethod::Rake,
        Make::day('2026-11-01'),
        Make::day('2026-11-20'),
        Parameters::shipped()->washDay,
    ))->toBeNull();
    $due = TakeDown::of(
        StylingMethod::Braids,
        Make::day('2026-11-01'),
        Make::day('2026-11-20'),
        Parameters::shipped()->washDay,
    );
    expect($due->dueOn->format('Y-m-d'))
        ->toBe('2026-11-29')
        ->and($due->daysLate)
        ->toBe(0)
        ->and($due->minutes)
        ->toBe(60.0);
    // Left a week too long: a quarter of an hour more (common practice, no source).
    $late = TakeDown::of(
        StylingMethod::Braids,
        Make::day('2026-11-01'),
        Make::day('2026-12-06'),
        Parameters::shipped()->washDay,
    );
    expect($late->daysLate)->toBe(7)->and($late->minutes)->toBe(75.0);
    expect(TakeDown::of(
        StylingMethod::Twists,
        Make::day('2026-11-01'),
        Make::day('2026-11-20'),
        Parameters::shipped()->washDay,
        10,
    )->daysLate)->toBe(9);
});

it('takes similar heads for the usual while her own past is short', function (): void {
    $head = Make::head();
    $pace = Pace::of($head, [], similarMinutes: 7.0);
    expect($pace->detangling->minutes($pace->day))->toEqualWithDelta(7.0, 1e-9);
});

it('neither parts, detangles nor styles hair that is washed in its style', function (): void {
    $head = Make::head();
    $pace = Pace::of($head, []);
    $doing = [Step::cleanse(CleanseKind::Gentle), Step::conditioner(3), Step::leaveIn()];
    $loose = [...$doing, Step::detangle(20, 'comb', 'wet-with-slip')];
    $keys = static fn (array $of): array => array_map(
        static fn (WashDayStep $step): string => $step->key,
        WashDayBuilder::plan($head, $of, $pace)->steps,
    );
    expect(array_values(array_diff($keys($loose), $keys($doing))))->toBe([
        'section', 'detangle', 'style', 'break-cast',
    ]);
    $cleanse = array_values(array_filter(
        WashDayBuilder::plan($head, $doing, $pace)->steps,
        static fn (WashDayStep $step): bool => $step->key === 'cleanse',
    ))[0];
    expect(English::say($cleanse->label))->toContain('along the partings');
});
