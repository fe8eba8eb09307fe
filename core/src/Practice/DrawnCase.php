<?php

declare(strict_types=1);

namespace Nagomi\Core\Practice;

use DateTimeImmutable;
use Nagomi\Core\Estimation\Prior;
use Nagomi\Core\Estimation\State;
use Nagomi\Core\Estimation\StateLayout;
use Nagomi\Core\Head\Head;
use Nagomi\Core\Head\Method;
use Nagomi\Core\Head\Part;
use Nagomi\Core\Head\Porosity;
use Nagomi\Core\Head\StrandDiameter;
use Nagomi\Core\Head\StylingLoad;
use Nagomi\Core\Head\Zone;
use Nagomi\Core\Head\ZonePart;
use Nagomi\Core\Statistics\SeededRandom;
use Nagomi\Core\Treatments\CleanseKind;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\WashDay;

/** Practice cases drawn from a seed, endlessly many: each a client somebody could meet, by what is assumed of any. */
final class DrawnCase
{
    private const WASHES_TOLD = 6;

    /** Of so many somebody only guessed how porous the hair is, which may still be right. */
    private const GUESSED = 0.25;

    public static function of(int $seed, DateTimeImmutable $from): PracticeCase
    {
        $luck = new PracticeLuck($seed);
        $chance = $luck->of('head', 0);
        $porosity = Porosity::kinds()[$chance->between(0, 2)];
        $strand = [StrandDiameter::Fine, StrandDiameter::Medium, StrandDiameter::Coarse][$chance->between(0, 2)];
        $around = [
            'hardnessMgPerL' => (float) (10 * $chance->between(2, 32)),
            'humidityPercent' => (float) $chance->between(30, 75),
            'load' => [StylingLoad::Light, StylingLoad::Medium, StylingLoad::Heavy][$chance->between(0, 2)],
            'lengthMm' => (float) (10 * $chance->between(15, 50)),
            'washEveryDays' => $chance->between(5, 9),
            'method' => new Method(['oils' => $chance->happens(0.5) ? 'seal' : 'none']),
        ];
        $heard = $chance->happens(self::GUESSED) ? Porosity::kinds()[$chance->between(0, 2)] : $porosity;
        $real = new Head(self::parts($porosity, $strand), ...$around);

        return new PracticeCase(
            $seed,
            $from,
            new Head(self::parts($heard, $strand), ...$around),
            self::hair($real, $luck->of('hair', 0)),
            PracticeScalp::drawn($real->parameters->scalp, $luck->of('scalp', 0)),
            self::past($from, $real->washEveryDays, $luck->of('past', 0)),
            0.75 + 0.2 * $chance->uniform(),
            (float) $luck->of('curl', 0)->between(6, 30),
            self::budget($luck->of('budget', 0)),
        );
    }

    private static function budget(SeededRandom $chance): PracticeBudget
    {
        $any = static fn (int ...$of): int => $of[$chance->between(0, count($of) - 1)];

        return new PracticeBudget(
            $any(5, 6, 8, 10),
            $any(90, 120, 150, 180),
            $any(75, 90, 120),
            (float) $any(160, 200, 240, 300),
        );
    }

    /** @return list<ZonePart> */
    private static function parts(Porosity $porosity, StrandDiameter $strand): array
    {
        return array_map(
            static fn (Zone $zone): ZonePart => new ZonePart($zone, Part::Length, $porosity, $strand),
            Zone::cases(),
        );
    }

    /** What is assumed of any head before it is read, drawn once: strata together as far as they hang together. */
    public static function hair(Head $head, SeededRandom $chance): PracticeHair
    {
        $prior = Prior::of($head)->withSigns(PracticeReadings::signs());
        $common = array_map(static fn (): float => $chance->normal(), range(1, StateLayout::PER_STRATUM));
        $mean = $prior->mean;
        $share = $head->parameters->model->startCorrelation;
        foreach ($prior->mean as $i => $value) {
            $own = $chance->normal();
            $drawn = $i < $prior->layout->moistureFading
                ? sqrt($share) * $common[$i % StateLayout::PER_STRATUM] + sqrt(1 - $share) * $own
                : $own;
            $mean[$i] = $value + $drawn * sqrt($prior->covariance[$i][$i]);
        }

        return (new PracticeHair(new State($prior->layout, array_values($mean), $prior->covariance)))->settled();
    }

    /** @return list<WashDay> what is told of the last weeks at home */
    private static function past(DateTimeImmutable $from, int $every, SeededRandom $chance): array
    {
        $past = [];
        $cleanse = [CleanseKind::Gentle, CleanseKind::Shampoo, CleanseKind::CoWash][$chance->between(0, 2)];
        $masksEvery = $chance->between(1, 4);
        for ($wash = self::WASHES_TOLD; $wash >= 1; $wash--) {
            $date = $from->modify('-' . $wash * $every . ' days');
            $care = $wash % $masksEvery === 0 ? Step::mask(20) : Step::conditioner(3);
            $past[] = new WashDay("past-{$wash}", $date, [Step::cleanse($cleanse), $care]);
        }

        return $past;
    }
}
