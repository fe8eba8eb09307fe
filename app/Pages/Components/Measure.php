<?php

declare(strict_types=1);

namespace App\Pages\Components;

use App\Instruments\Device;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Nagomi\Core\Readings\RawMeasure;
use Nagomi\Core\Readings\Unit;

/**
 * One number of a test: typed, counted, timed, tapped on a picture or read from a device; all end in the same field.
 */
final class Measure extends Component
{
    /** What a clock beside the field counts in. */
    private const TIMED = [
        'wetting.seconds' => 'seconds',
        'drying.minutes' => 'minutes',
        'detangling.minutes' => 'minutes',
        'wet-through.minutes' => 'minutes',
    ];

    private const COUNTED = ['hairs', 'splits', 'knots'];

    public readonly string $name;

    /** The unit the book keeps it in, where it can be typed in another. */
    public readonly ?Unit $book;

    public readonly ?Unit $unit;

    public readonly ?string $device;

    public readonly ?string $timed;

    public readonly bool $counted;

    /** @param array<string, string> $units chosen by this stylist, by kind */
    public function __construct(
        public readonly string $test,
        public readonly RawMeasure $measure,
        public readonly string $prefix = 'raw',
        array $units = [],
        public readonly mixed $value = null,
        public readonly ?string $help = null,
    ) {
        $this->name = "{$prefix}[{$test}][{$measure->name}]";
        $this->book = $measure->convertible();
        $this->unit = $this->book === null ? null : $this->chosen($this->book, $units);
        $this->device = Device::giving($test, $measure->name)?->value;
        $this->timed = self::TIMED["{$test}.{$measure->name}"] ?? null;
        $this->counted = $measure->whole && in_array($measure->unit, self::COUNTED, true);
    }

    /** @param array<string, string> $units */
    private function chosen(Unit $book, array $units): Unit
    {
        $typed = ((array) old('unit', []))[$book->kind()] ?? $units[$book->kind()] ?? '';

        return Unit::tryFrom(is_string($typed) ? $typed : '') ?? $book;
    }

    public function render(): View
    {
        return view('components.measure');
    }
}
