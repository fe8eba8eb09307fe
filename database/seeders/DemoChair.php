<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Care\Readings\Visits;
use App\Care\WashDays\PastWashDays;
use App\Care\WashDays\WornStyles;
use App\Models\Head;
use App\Models\Salon;
use Illuminate\Support\Collection;
use Nagomi\Core\Readings\Moment;
use Nagomi\Core\Readings\Reading;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Treatments\Step;
use Nagomi\Core\Treatments\StepKind;
use Nagomi\Core\Treatments\WashDay;
use Nagomi\Core\WashDay\StylingMethod;

/** What is to come in the chair of the demo: braids that come down, ends that are worn, tips that are thin. */
final class DemoChair
{
    /** By place of the head: days ago it was trimmed and by how many mm, and what is wanted of the length. */
    private const TRIMS = [1 => [70, 12.0, 'keep'], 3 => [40, 15.0, 'shape'], 6 => [100, 8.0, 'grow']];

    /** By place of the head: days ago its ends were looked at, split ends, knots, and braid at root and tip in mm. */
    private const ENDS = [2 => [9, 5, 3, 92, 74], 6 => [6, 11, 6, 95, 52]];

    /** By place of the head: days ago it was braided. */
    private const BRAIDS = [7 => 19];

    public static function fill(Salon $salon): void
    {
        /** @var Collection<int, Head> $heads */
        $heads = Head::query()->where('salon_id', $salon->id)->with('salon')->orderBy('id')->get();
        $today = Calendar::dayOf($salon->today());
        foreach (self::TRIMS as $place => [$ago, $mm, $goal]) {
            $head = $heads->get($place);
            $head?->update(['season' => ['trim_goal' => $goal] + ($head->season ?? [])]);
            if ($head !== null) {
                app(PastWashDays::class)->take($head, new WashDay(
                    "demo-trim-{$place}",
                    $today->modify("-{$ago} days"),
                    [new Step(StepKind::Trim, millimetres: $mm)],
                ));
            }
        }
        foreach (self::ENDS as $place => [$ago, $splits, $knots, $root, $tip]) {
            $head = $heads->get($place);
            $reading = static fn (string $test, array $raw): Reading => new Reading(
                "demo-{$test}-{$place}",
                $today->modify("-{$ago} days"),
                Moment::BeforeCleansing,
                $test,
                $raw,
                null,
                'Ilse Varga-Moen',
            );
            if ($head !== null) {
                app(Visits::class)->take($head, "demo-ends-{$place}", [
                    $reading('ends', ['splits' => $splits, 'knots' => $knots]),
                    $reading('taper', ['root_mm' => $root, 'tip_mm' => $tip]),
                ], 'Ilse Varga-Moen');
            }
        }
        foreach (self::BRAIDS as $place => $ago) {
            $head = $heads->get($place);
            if ($head !== null) {
                app(WornStyles::class)->begin($head, StylingMethod::Braids, $today->modify("-{$ago} days"));
            }
        }
    }
}
