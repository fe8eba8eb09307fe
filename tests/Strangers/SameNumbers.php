<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\Plans\Outlooks;
use App\Care\DataTransfer\RecordTransfer;
use App\Models\Head;
use App\Models\Outlook;
use App\Models\PlanItem;
use App\Pages\Trends\TrendsScreen;
use App\Wording\Said;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\Sign;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\EngineAnswer;
use Nagomi\Core\Treatments\Calendar;
use Nagomi\Core\Wording\Sentences;
use Tests\Feature\FeatureTestCase;

/**
 * What says the same thing is the same: how a head stands now on its picture, in its balance book, in what is stored of
 * it and in its exported record; its verdict wherever it is named; its plan on the page and from the record.
 */
final readonly class SameNumbers
{
    public function __construct(private FeatureTestCase $test)
    {
    }

    public function everywhere(Head $head): void
    {
        $head = Head::query()->findOrFail($head->id)->load('salon');
        $outlook = app(Outlooks::class)->current($head);
        $this->onThePicture($head, $outlook);
        foreach (array_keys($outlook->standing) as $stratum) {
            $this->inTheBook($head, $outlook, $stratum);
        }
        $this->verdicts($head, $outlook);
        $this->yardsticks($head, $outlook);
        $this->inTheRecord($head, $outlook);
    }

    /** @return string how one part stands now, as the picture says it: its distance from what it likes, rounded */
    private function stands(Outlook $outlook, int $stratum): string
    {
        $part = $outlook->standing[$stratum];
        $distance = function (string $what, float $points): string {
            $half = 15.0;
            $word = match (true) {
                abs($points) <= $half / 2 => 'as it likes',
                abs($points) <= $half => $points < 0 ? 'a little low' : 'a little high',
                default => $points < 0 ? 'too low' : 'too high',
            };
            $by = (int) round($points);

            return "{$what} {$word} (" . ($by === 0 ? '0' : sprintf('%s%d', $by < 0 ? '−' : '+', abs($by))) . ')';
        };

        return sprintf(
            '%s, %s, each give or take %d; build-up %d of 100',
            $distance('moisture', $part['moisture'][0] - $part['target_moisture']),
            $distance('protein', $part['protein'][0] - $part['target_protein']),
            (int) round(1.2816 * max($part['moisture'][1], $part['protein'][1])),
            (int) round($part['build_up'][0]),
        );
    }

    private function onThePicture(Head $head, Outlook $outlook): void
    {
        $page = (string) $this->test->get("/clients/{$head->id}")->assertOk()->baseResponse->getContent();
        expect(preg_match('/data-days="([^"]*)"/', $page, $found))->toBe(1);
        $days = json_decode(html_entity_decode($found[1]), true, flags: JSON_THROW_ON_ERROR);
        $now = array_values(array_filter(
            $days,
            fn (array $day): bool => str_starts_with($day['says'][0][0], 'Now: '),
        ));
        expect($now)->toHaveCount(1)
            ->and($now[0]['date'])->toBe($head->salon->today()->format('D j M Y'))
            ->and(array_column($days, 'date'))->toBe(array_unique(array_column($days, 'date')));
        foreach (array_keys($outlook->standing) as $stratum) {
            expect($now[0]['says'][$stratum][0])->toContain($this->stands($outlook, $stratum));
        }
        // A wash of today that is not done yet is told apart, and what follows is planned.
        $washes = $head->planItems()
            ->where('status', 'planned')
            ->whereDate('date', $head->salon->today()->format('Y-m-d'))
            ->exists();
        expect(str_starts_with($now[0]['says'][0][1] ?? '', "After today's wash, planned: "))->toBe($washes);
        $last = $days[count($days) - 1];
        expect($last['says'][0][0])->toStartWith('Planned: ');
    }

    private function inTheBook(Head $head, Outlook $outlook, int $stratum): void
    {
        $page = (string) $this->test->get(
            "/clients/{$head->id}/history/ledger?stratum={$stratum}",
        )->assertOk()->baseResponse->getContent();
        $part = $outlook->standing[$stratum];
        foreach (['Balance today' => 0, 'Give or take (one standard deviation)' => 1] as $name => $which) {
            expect(preg_match('~<td>' . preg_quote($name) . '</td>(.*?)</tr>~s', $page, $found))->toBe(1, $name);
            preg_match_all('~<td[^>]*>([^<]*)</td>~', $found[1], $cells);
            $said = array_map(
                fn (string $cell): float => (float) strtr(trim($cell), ['−' => '-', '±' => '', ' ' => '']),
                $cells[1],
            );
            $stored = [$part['moisture'][$which], $part['protein'][$which], $part['build_up'][$which]];
            foreach ($stored as $i => $value) {
                // Build-up is the sum of two that are rounded by themselves.
                $within = $i === 2 ? 0.11 : 0.051;
                expect($said[$i])->toEqualWithDelta((float) $value, $within, "{$name} of {$part['name']}");
            }
        }
    }

    private function verdicts(Head $head, Outlook $outlook): void
    {
        foreach (['', '/plan'] as $page) {
            $this->test->get("/clients/{$head->id}{$page}")->assertOk()->assertSee(Said::of($outlook->verdict));
        }
    }

    /** What is changed on Now is changed on Trends, with the same last reading; nothing is both usual and changed. */
    private function yardsticks(Head $head, Outlook $outlook): void
    {
        $now = (string) $this->test->get("/clients/{$head->id}")->assertOk()->baseResponse->getContent();
        $trends = [];
        foreach (array_keys(TrendsScreen::GROUPS) as $group) {
            $page = (string) $this->test->get("/clients/{$head->id}/trends?group={$group}")
                ->assertOk()->baseResponse->getContent();
            preg_match_all('~<h2 id="trend-([^"]*)">(.*?)</h2>~s', $page, $found);
            $trends += array_combine($found[1], array_map(strip_tags(...), $found[2]));
        }
        $changed = 0;
        foreach ($outlook->signs as $sign) {
            $says = $trends[$sign['sign'] . ($sign['zone'] === null ? '' : "-{$sign['zone']}")] ?? null;
            if ($says === null) {
                continue;
            }
            $changed += (int) ($sign['usual']['changed'] ?? false);
            [$value, $verdict] = explode('·', str_replace('−', '-', $says), 2);
            expect((float) trim($value))->toBe((float) $sign['value'])->and(trim($verdict))->toStartWith(match (true) {
                $sign['usual'] === null => 'read on ' . ($sign['days'] === 1 ? 'one day' : "{$sign['days']} days"),
                $sign['usual']['changed'] => 'changed: ',
                default => 'usual: ',
            });
        }
        // As often as Trends says it of these signs, Now does.
        expect(substr_count($now, 'data-yardstick="usual">changed: '))
            ->toBe(count(array_filter($outlook->signs, fn (array $sign): bool => $sign['usual']['changed'] ?? false)))
            ->and($changed)->toBeLessThanOrEqual(substr_count($now, '>changed: '));
        foreach ($outlook->signs as $sign) {
            $limits = Sign::from($sign['sign'])->limits();
            foreach ([$sign['usual']['range'] ?? $limits, $sign['today'], $sign['balance']] as [$low, $high]) {
                expect($low)->toBeGreaterThanOrEqual($limits[0])->toBeLessThanOrEqual($high)
                    ->and($high)->toBeLessThanOrEqual($limits[1]);
            }
        }
    }

    private function inTheRecord(Head $head, Outlook $outlook): void
    {
        $record = CareRecordReader::read(app(RecordTransfer::class)->export($head), Parameters::shipped());
        $answer = new EngineAnswer(
            $record,
            Calendar::dayOf($head->salon->today()),
            app(Sentences::class),
            Outlooks::WEEKS_AHEAD,
        );
        foreach ($answer->explain()['strata'] as $s => $stratum) {
            foreach (['moisture', 'protein', 'wear'] as $quantity) {
                [$mean, $sd] = $outlook->standing[$s][$quantity];
                $state = $stratum['state'][$quantity];
                expect($state['mean'])->toEqualWithDelta($mean, 0.051, "{$quantity} by the record")
                    ->and($state['sd'])->toEqualWithDelta($sd, 0.051);
            }
        }
        $says = fn (string $date, mixed $steps, float $minutes): array => [$date, $steps, round($minutes)];
        $page = $head->planItems()->where('status', 'planned')->get()->map(fn (PlanItem $item): array => $says(
            $item->date->format('Y-m-d'),
            $item->steps,
            $item->minutes,
        ))->all();
        $planned = array_map(fn (array $item): array => $says(
            $item['date'],
            json_decode(json_encode($item['steps'], JSON_THROW_ON_ERROR), true),
            round($item['minutes'], 1),
        ), $answer->plan()['items']);
        expect($planned)->toEqual($page, 'the plan of the exported record is another than the page’s');
    }
}
