<?php

declare(strict_types=1);

namespace App\Drawings;

/** The line of one strand: as wide a coil as its curl, hung by its state; small irregularities are the client's own. */
final readonly class StrandCurve
{
    private const WIDTH = StrandPortrait::WIDTH;
    private const HEIGHT = StrandPortrait::HEIGHT;

    private const POINTS_A_LOOP = 14;

    /** @param int $seed of the client's own irregularities */
    public function __construct(private int $seed, private StrandHang $hang)
    {
    }

    /**
     * @param float|null $ringMm diameter of the curl; null where it bends without one, or nobody measured it
     *
     * @return list<array{float, float}>
     */
    public function points(?float $ringMm, bool $bendsWithoutRing): array
    {
        if ($ringMm === null && ! $bendsWithoutRing) {
            return $this->unmeasured();
        }

        return $this->hung(match (true) {
            $ringMm === null || $ringMm < 4 => $this->bends(),
            $ringMm > 35 => $this->waves($ringMm),
            default => $this->rings($ringMm),
        });
    }

    /** How deep a curl springs, beside how it likes to. */
    private function depth(): float
    {
        return 1 - 0.34 * max(0.0, $this->hang->slack) + 0.06 * max(0.0, $this->hang->stiff);
    }

    /** How far one turn lies from the next, beside how it likes to. */
    private function stretch(): float
    {
        return 1 + 0.5 * max(0.0, $this->hang->slack) - 0.14 * max(0.0, $this->hang->stiff);
    }

    /** How irregular the turns are, beside the client's own. */
    private function unrest(): float
    {
        return 1 + 1.3 * max(0.0, -$this->hang->stiff) - 0.8 * max(0.0, $this->hang->stiff);
    }

    /**
     * Slack and limp hair sinks towards its end; dry hair is rough.
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private function hung(array $points): array
    {
        $sag = 9 * max(0.0, $this->hang->slack) + 7 * max(0.0, -$this->hang->stiff);
        $rough = 1.5 * max(0.0, -$this->hang->slack);

        return array_map(fn (int $i, array $point): array => [
            $point[0],
            $point[1]
                + $sag * ($point[0] / self::WIDTH) ** 2
                + $rough * ($i % 2 === 0 ? 1 : -1) * (0.6 + 0.4 * $this->wobble($this->seed >> 2, 1.7 * $i)),
        ], array_keys($points), $points);
    }

    /** @return list<array{float, float}> a line that claims no curl */
    private function unmeasured(): array
    {
        return array_map(
            fn (int $x): array => [(float) $x, self::HEIGHT / 2 + 2 * sin($x / 14)],
            range(4, self::WIDTH - 4, 3),
        );
    }

    /** @return list<array{float, float}> a coil seen from the side */
    private function rings(float $ringMm): array
    {
        $likes = 6.5 + 17.5 * log($ringMm / 4) / log(35 / 4);
        $radius = $likes * $this->depth();
        $pitch = (0.9 * $likes + 4.5) * $this->stretch();
        $unrest = $this->unrest();
        // As many turns as find room, the last cut where it ends: stretched to whole ones a wider ring could look
        // closer.
        $loops = (self::WIDTH - 1.3 * $radius - 6) / $pitch;
        $points = [];
        for ($i = 0; $i <= $loops * self::POINTS_A_LOOP; $i++) {
            $turn = $i / self::POINTS_A_LOOP;
            $own = $radius * (1 + 0.11 * $unrest * $this->wobble($this->seed, $turn));
            $points[] = [
                3 + 0.65 * $radius + $pitch * $turn + 0.62 * $own * sin(2 * M_PI * $turn),
                self::HEIGHT / 2
                    + 2.5 * $unrest * $this->wobble($this->seed >> 3, 0.6 * $turn)
                    - $own * cos(2 * M_PI * $turn),
            ];
        }

        return $points;
    }

    /** @return list<array{float, float}> hair that waves without closing a ring */
    private function waves(float $ringMm): array
    {
        // Goes on from where the widest ring leaves off.
        $length = min(48.0, 26.1 + 0.35 * ($ringMm - 35)) * $this->stretch();
        $depth = $this->depth();
        $unrest = $this->unrest();
        $points = [];
        for ($x = 3.0; $x <= self::WIDTH - 3; $x += 1.5) {
            $points[] = [
                $x,
                self::HEIGHT / 2
                    + $depth * (11 + 3 * $unrest * $this->wobble($this->seed, $x / 30)) * sin(2 * M_PI * $x / $length),
            ];
        }

        return $points;
    }

    /** @return list<array{float, float}> hair that bends tightly without a ring */
    private function bends(): array
    {
        [$depth, $stretch, $unrest] = [$this->depth(), $this->stretch(), $this->unrest()];
        $points = [];
        $up = 1;
        for ($x = 3.0, $i = 0; $x <= self::WIDTH - 3; $i++) {
            $own = $depth * (7 + 4.5 * min(1.5, $unrest) * $this->wobble($this->seed, 0.7 * $i));
            $points[] = [$x, self::HEIGHT / 2 + $up * $own];
            $up = -$up;
            $x += $stretch * (3.3 + 1.3 * $this->wobble($this->seed >> 5, 1.3 * $i));
        }

        return $points;
    }

    /** A smooth number from −1 to 1 that is this client's own. */
    private function wobble(int $seed, float $at): float
    {
        return 0.6 * sin(2.1 * $at + ($seed % 628) / 100) + 0.4 * sin(5.3 * $at + ($seed % 313) / 50);
    }
}
