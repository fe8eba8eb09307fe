<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Words;

/** What a strand's picture shows, for whoever cannot see it; in words only where it is read, since many are drawn. */
final readonly class StrandWords
{
    /**
     * @param float|null   $ringMm   diameter of the curl in millimetres
     * @param float|null   $strandUm diameter of the hair in micrometres
     * @param string|null  $porosity of most zones; null where none was tested
     * @param list<string> $hangs    how it hangs, as keys of traits.portrait.hangs
     */
    public function __construct(
        private ?float $ringMm,
        private bool $bendsWithoutRing,
        private ?float $strandUm,
        private ?string $porosity,
        private array $hangs,
    ) {
    }

    public function say(): string
    {
        return self::of('whole', [
            'curl' => match (true) {
                $this->ringMm !== null => self::of('rings', ['mm' => Words::number(round($this->ringMm, 1))]),
                $this->bendsWithoutRing => self::of('bends'),
                default => self::of('curl'),
            },
            'strand' => $this->strandUm === null ? '' : self::of('strand', ['um' => (string) (int) $this->strandUm]),
            'porosity' => $this->porosity === null
                ? self::of('no-porosity')
                : self::of('porosity', ['kind' => Words::of("porosities.{$this->porosity}")]),
            'hangs' => implode('', array_map(
                static fn (string $key): string => self::of("hangs.{$key}"),
                $this->hangs,
            )),
        ]);
    }

    /** @param array<string, string> $with */
    private static function of(string $key, array $with = []): string
    {
        return Words::of("traits.portrait.{$key}", $with);
    }
}
