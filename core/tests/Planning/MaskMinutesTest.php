<?php

declare(strict_types=1);

use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Planning\PlanTerms;
use Nagomi\Core\Planning\WashOptions;
use Nagomi\Core\Record\PlanTermsFields;
use Nagomi\Core\Tests\Support\Make;

/** @return list<float> minutes of a mask the plan chooses between */
function maskWays(
    ?int $label,
    ?int $limit = null,
    Porosity $porosity = Porosity::Medium,
    string $heat = 'body-heat',
): array {
    $head = Make::head($porosity, limit: $limit, method: new Method(['mask-heat' => $heat, 'oils' => 'none']));
    $minutes = [];
    foreach (WashOptions::of($head, new PlanTerms(labelMinutes: array_filter(['mask' => $label]))) as $way) {
        if ($way->masks()) {
            $minutes[(string) $way->conditioningMinutes] = $way->conditioningMinutes;
        }
    }
    sort($minutes);

    return $minutes;
}

it('chooses between masks of 3 to 60 minutes', function (array $ways, array $minutes): void {
    expect($ways)->toEqual($minutes);
})->with([
    'time enough' => [fn (): array => maskWays(null), [15, 25, 40]],
    'time is short' => [fn (): array => maskWays(null, 60), [3, 5, 10, 15, 25, 40]],
    'hair that takes little in, with its own warmth' => [
        fn (): array => maskWays(null, null, Porosity::Low), [15, 25, 40, 60],
    ],
    'the same under a cap' => [fn (): array => maskWays(null, null, Porosity::Low, 'cap-or-hood'), [15, 25, 40]],
]);

it('goes by the label', function (?int $label, ?int $limit, array $minutes): void {
    expect(maskWays($label, $limit))->toEqual($minutes);
})->with([
    'three minutes' => [3, null, [3]],
    'three minutes, time short' => [3, 60, [3]],
    'between two ways' => [20, null, [15, 20]],
    'as one of them' => [25, null, [15, 25]],
    'longer than any' => [90, null, [15, 25, 40]],
    'over night' => [480, 60, [3, 5, 10, 15, 25, 40]],
]);

it('keeps the label in a care record', function (): void {
    $season = ['mask_label_minutes' => 12];
    $terms = PlanTermsFields::fromArray($season, Parameters::shipped()->washDay);
    expect($terms->labelMinutes)->toBe(['mask' => 12])->and(PlanTermsFields::write($terms))->toBe($season);
});

it('lets protein sit no longer than the label of what is at hand', function (?int $label, float $mild, float $strong): void {
    $terms = new PlanTerms(labelMinutes: array_filter(['protein' => $label]));
    $minutes = ['mild-protein' => [], 'strong-protein' => []];
    foreach (WashOptions::of(Make::head(), $terms) as $way) {
        foreach ($way->protein === null ? [] : $way->steps(Make::head()) as $step) {
            if ($step->kind === $way->protein) {
                $minutes[$step->kind->value][] = $step->minutes;
            }
        }
    }
    expect(array_values(array_unique($minutes['mild-protein'])))
        ->toBe([$mild])
        ->and(array_values(array_unique($minutes['strong-protein'])))->toBe([$strong]);
    [$usual] = array_values(array_filter(
        WashOptions::of(Make::head()),
        static fn ($way): bool => $way->protein !== null,
    ));
    [$short] = array_values(array_filter(
        WashOptions::of(Make::head(), $terms),
        static fn ($way): bool => $way->protein !== null,
    ));
    expect($usual->minutes(Make::head()) - $short->minutes(Make::head()))->toEqualWithDelta(5.0 - $mild, 1e-9);
})->with([
    'no label' => [null, 5.0, 10.0],
    'a long one' => [20, 5.0, 10.0],
    'between' => [7, 5.0, 7.0],
    'a short one' => [3, 3.0, 3.0],
]);

it('writes the label of protein into a record, and reads it', function (): void {
    $season = ['protein_label_minutes' => 4];
    $terms = PlanTermsFields::fromArray($season, Parameters::shipped()->washDay);
    expect($terms->labelMinutes)->toBe(['protein' => 4])->and(PlanTermsFields::write($terms))->toBe($season);
});
