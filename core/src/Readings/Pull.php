<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;

/**
 * A gentle pull on about sixty hairs: up to two are ordinary (McDonald et al., J Am Acad Dermatol 2017;76:472–477; from
 * memory).
 */
final readonly class Pull implements Test
{
    use AsksForNumbers;

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

        return [new MeasuredSign(
            Sign::PullCount,
            $came,
            max(1.0, sqrt($came)),
            $came > $parameters->readings->pullOrdinaryAtMost
                ? 'more than the two that are ordinary; again another day, and to a clinician if it stays so'
                : 'as ordinary',
        )];
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
