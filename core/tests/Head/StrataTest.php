<?php

declare(strict_types=1);

use Nagomi\Core\Head\CurlPattern;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\MethodQuestion;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\Strata;
use Nagomi\Core\Head\StratumName;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Tests\Support\English;
use Nagomi\Core\Tests\Support\Make;

it('gives the eight zones all of the hair', function (): void {
    expect(array_sum(
        array_map(fn (Zone $zone): float => $zone->shareOfHair(), Zone::cases()),
    ))->toEqualWithDelta(1.0, 1e-12);
});

it('makes one stratum of like hair and names it the whole head', function (): void {
    $strata = Make::head()->strata;
    expect($strata)
        ->toHaveCount(1)
        ->and(English::say(StratumName::words($strata[0]->name)))
        ->toBe('whole head')
        ->and($strata[0]->share)
        ->toEqualWithDelta(1.0, 1e-12);
});

it('sorts zones of unlike porosity into strata by their share of hair', function (): void {
    $strata = Make::head(lowZones: [Zone::Crown, Zone::Centre])->strata;
    expect($strata)->toHaveCount(2)
        ->and(English::say(StratumName::words($strata[0]->name)))->toBe('most of the hair')
        ->and(English::say(StratumName::words($strata[1]->name)))->toBe('crown, centre')
        ->and($strata[1]->porosity)->toBe(Porosity::Low)
        ->and($strata[1]->share)->toEqualWithDelta(0.27, 1e-9)
        ->and($strata[1]->zoneShares)->toBe(['crown' => 1.0, 'centre' => 1.0]);
});

it('tells new growth from the bleached length of the same zone', function (): void {
    $parts = [];
    foreach (Zone::cases() as $zone) {
        $parts[] = new ZonePart($zone, Part::Root, Porosity::Medium, StrandDiameter::Fine);
        $parts[] = new ZonePart($zone, Part::Length, Porosity::High, StrandDiameter::Fine, true);
    }
    $strata = Strata::of($parts, Parameters::shipped());
    expect(English::all(array_map(StratumName::words(...), array_column($strata, 'name'))))
        ->toBe(['the lengths', 'new growth'])
        ->and(English::say(StratumName::words('most of the head')))->toBe('most of the head')
        ->and($strata[0]->treatedShare)->toEqualWithDelta(1.0, 1e-9)
        ->and($strata[0]->share)->toEqualWithDelta(0.8, 1e-9);
});

it('never makes more than three strata', function (): void {
    $porosities = [Porosity::Low, Porosity::Medium, Porosity::High];
    $strands = [StrandDiameter::Fine, StrandDiameter::Coarse];
    $parts = [];
    foreach (Zone::cases() as $i => $zone) {
        $parts[] = new ZonePart($zone, Part::Length, $porosities[$i % 3], $strands[$i % 2]);
    }
    expect(Strata::of($parts, Parameters::shipped()))->toHaveCount(3);
});

it('refuses the same part twice and a head without zones', function (): void {
    $part = new ZonePart(Zone::Crown, Part::Length, Porosity::Low, StrandDiameter::Fine);
    expect(
        fn () => Strata::of([$part, $part], Parameters::shipped()),
    )->toRefuse(InvalidArgumentException::class, 'stands there twice');
    expect(fn () => Strata::of([], Parameters::shipped()))->toThrow(InvalidArgumentException::class);
});

it('refuses numbers outside their range', function (Closure $make, string $sentence): void {
    expect($make)->toRefuse(InvalidArgumentException::class, $sentence);
})->with([
    'hardness below 0' => [fn () => Make::head(hardness: -1), 'Water hardness'],
    'hardness not a number' => [fn () => Make::head(hardness: NAN), 'Water hardness'],
    'wash rhythm of a day' => [fn () => Make::head(every: 1), 'Days between wash days'],
    'a wash day of five minutes' => [fn () => Make::head(limit: 5), 'Longest wash day'],
]);

it('reads the pattern off the ring by the sizes of the trade (common practice, no source)', function (?float $mm, string $pattern): void {
    expect(CurlPattern::fromRingMm($mm)->value)->toBe($pattern);
})->with([[25.0, '3a'], [15.0, '3b'], [7.0, '3c'], [5.0, '4a'], [null, '4b–4c'], [50.0, '2']]);

it('reads fine, medium and coarse at 60 and 80 µm (textbook bands, from memory)', function (): void {
    expect(StrandDiameter::fromMicrometres(59.9))->toBe(StrandDiameter::Fine)
        ->and(StrandDiameter::fromMicrometres(60))->toBe(StrandDiameter::Medium)
        ->and(StrandDiameter::fromMicrometres(80.1))->toBe(StrandDiameter::Coarse);
});

it('answers every question of method and refuses an unknown school', function (): void {
    $method = new Method(['protein' => 'avoided']);
    expect($method->choices)->toHaveCount(count(MethodQuestion::cases()))
        ->and($method->choice(MethodQuestion::Protein))->toBe('avoided');
    expect(fn () => new Method(['protein' => 'always']))->toRefuse(InvalidArgumentException::class, 'by-signs');
    expect(fn () => new Method(['colour' => 'red']))->toRefuse(InvalidArgumentException::class, 'colour');
});

it('moves targets with porosity, strand and sensitivity', function (): void {
    $head = Make::head(Porosity::High, strand: StrandDiameter::Fine);
    expect($head->strata[0]->targetMoisture())->toBe(58.0)
        ->and($head->strata[0]->targetProtein(false))->toBe(69.0)
        ->and($head->strata[0]->targetProtein(true))->toBe(57.0);
    expect($head)->toBeInstanceOf(Head::class);
});
