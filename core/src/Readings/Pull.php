<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ReadingParameters;

/**
 * A gentle pull on about sixty hairs: up to two are ordinary (McDonald et al., J Am Acad Dermatol 2017;76:472–477; from
 * memory).
 */
final readonly class Pull implements Test
{
    use AsksForNumbers;

    /** Of the usual pull; with fewer hairs a single one decides. */
    private const ENOUGH_OF_A_PULL = 0.8;

    public function name(): string
    {
        return 'pull';
    }

    public function moments(): array
    {
        return [Moment::BeforeCleansing];
    }

    public function rawMeasures(): array
    {
        return [
            new RawMeasure('hairs', 'Hairs held', 'hairs', 20, 120, whole: true),
            new RawMeasure('came', 'Came out', 'hairs', 0, 120, whole: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $came = $this->number($raw, 'came');
        $says = $this->says((int) $came, (int) $this->number($raw, 'hairs'), $parameters->readings);

        return [new MeasuredSign(Sign::PullCount, $came, max(1.0, sqrt($came)), $says)];
    }

    /** What is ordinary goes with how many were held: three of 120 are fewer than two of twenty. */
    private function says(int $came, int $held, ReadingParameters $parameters): string
    {
        $share = $parameters->pullOrdinaryAtMost / $parameters->pullHairs;
        if ($came <= $share * $held) {
            return "{$came} of {$held} came: as ordinary";
        }
        $most = (int) floor($share * $held);
        $ordinary = $most === 1 ? 'is' : 'are';
        $more = "{$came} of {$held} came, more than the {$most} that {$ordinary} ordinary of so many";

        return $held < self::ENOUGH_OF_A_PULL * $parameters->pullHairs
            ? "{$more}; so few are soon too many by chance: hold about {$parameters->pullHairs} to be surer"
            : "{$more}; again another day, and to a clinician if it stays so";
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, string>
     */
    private function contradictions(array $raw): array
    {
        return $this->number($raw, 'came') > $this->number($raw, 'hairs')
            ? [
                'came' => 'Came out: no more hairs come out than were held; type '
                    . (int) $this->number($raw, 'hairs')
                    . ' or fewer.',
            ]
            : [];
    }
}
