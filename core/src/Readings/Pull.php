<?php

declare(strict_types=1);

namespace Nagomi\Core\Readings;

use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Parameters\ReadingParameters;
use Nagomi\Core\Wording\Message;

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
            new RawMeasure('hairs', Message::of('tests.pull.hairs'), 'hairs', 20, 120, whole: true),
            new RawMeasure('came', Message::of('tests.pull.came'), 'hairs', 0, 120, whole: true),
        ];
    }

    public function measure(array $raw, Parameters $parameters): array
    {
        $came = $this->number($raw, 'came');
        $says = $this->says((int) $came, (int) $this->number($raw, 'hairs'), $parameters->readings);

        return [new MeasuredSign(Sign::PullCount, $came, max(1.0, sqrt($came)), $says)];
    }

    /** What is ordinary goes with how many were held: three of 120 are fewer than two of twenty. */
    private function says(int $came, int $held, ReadingParameters $parameters): Message
    {
        $share = $parameters->pullOrdinaryAtMost / $parameters->pullHairs;
        if ($came <= $share * $held) {
            return Message::of('readings.pull.ordinary', came: $came, held: $held);
        }
        $most = (int) floor($share * $held);
        $more = Message::of('readings.pull.more', came: $came, held: $held, count: $most);

        return $held < self::ENOUGH_OF_A_PULL * $parameters->pullHairs
            ? Message::of('readings.pull.too-few', more: $more, hairs: $parameters->pullHairs)
            : Message::of('readings.pull.again', more: $more);
    }

    /**
     * @param array<mixed> $raw
     *
     * @return array<string, Message>
     */
    private function contradictions(array $raw): array
    {
        return $this->number($raw, 'came') > $this->number($raw, 'hairs')
            ? [
                'came' => Message::of('tests.problems.more-than-held', most: (int) $this->number($raw, 'hairs')),
            ]
            : [];
    }
}
