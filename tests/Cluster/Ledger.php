<?php

declare(strict_types=1);

namespace Tests\Cluster;

use App\Models\Booking;
use App\Models\Head;
use App\Models\Product;
use App\Models\StockMove;
use App\Models\WashSession;
use App\Models\WashSessionAct;
use Tests\Together\Answered;

/** What was acknowledged to whom, and whether the book holds it: once, and nothing that nobody asked for. */
final class Ledger
{
    /** @var array<string, array<string, string>> by kind and mark: what was answered */
    private array $done = [];

    /** @var array<string, array<string, true>> by kind and mark: sent, and nobody was told what became of it */
    private array $open = [];

    /** @var array<string, int> of errands by kind and what they were answered */
    private array $answers = [];

    /** @var array<string, int> by status */
    private array $excuses = [];

    private float $lastAnswer = 0.0;

    private float $longestGap = 0.0;

    public function answer(Errand $errand, Answered $answer): void
    {
        $now = microtime(true);
        $this->longestGap = $this->lastAnswer > 0 ? max($this->longestGap, $now - $this->lastAnswer) : 0.0;
        $this->lastAnswer = $now;
        $isDone = $answer->status < 400;
        $this->count($this->answers, "{$errand->kind} {$answer->status}");
        if ($errand->mark !== '' && $isDone) {
            $this->done[$errand->kind][$errand->mark] = $errand->kind === 'stock'
                ? $errand->sent->path . ' ' . json_encode($errand->sent->body['amount'] ?? 0)
                : $answer->body;
        }
    }

    public function excuse(Errand $errand, Answered $answer): void
    {
        $this->count($this->excuses, (string) $answer->status);
    }

    public function leave(Errand $errand): void
    {
        if ($errand->mark !== '') {
            $this->open[$errand->kind][$errand->mark] = true;
        }
    }

    /** The longest time during which nobody was answered, since it was asked for last, in seconds. */
    public function gap(): float
    {
        [$gap, $this->longestGap] = [$this->longestGap, 0.0];

        return $gap;
    }

    /** @return array<string, int> how many were answered how */
    public function answers(): array
    {
        ksort($this->answers);

        return $this->answers;
    }

    /** @return array<string, int> by status; 0: no answer at all */
    public function excuses(): array
    {
        ksort($this->excuses);

        return $this->excuses;
    }

    /**
     * @param list<TriedSalon> $salons
     *
     * @return list<string> what is not as it was told, in words; [] where all is
     */
    public function wrongs(array $salons): array
    {
        $ids = array_map(static fn (TriedSalon $salon): int => $salon->house->salon->id, $salons);
        $names = Head::query()->withoutGlobalScopes()->whereIn('salon_id', $ids)->pluck('name')
            ->filter(static fn (mixed $name): bool => is_string($name) && str_starts_with($name, 'Caller '))
            ->map(static fn (mixed $name): string => substr(is_string($name) ? $name : '', 7))->all();
        $washes = WashSession::query()->withoutGlobalScopes()->whereIn('salon_id', $ids)->select('id');
        $taps = WashSessionAct::query()->withoutGlobalScopes()->whereIn('wash_session_id', $washes)
            ->where('kind', 'note')->whereNull('refused')->pluck('key')->all();

        return [
            ...$this->held('client', array_values($names)),
            ...$this->held('tap', array_values(array_filter($taps, is_string(...)))),
            ...$this->stock($salons),
            ...$this->bookings($ids),
        ];
    }

    /**
     * @param list<string> $found marks of the rows that are there
     *
     * @return list<string>
     */
    private function held(string $kind, array $found): array
    {
        $times = array_count_values($found);
        $wrongs = [];
        foreach ($this->done[$kind] ?? [] as $mark => $answer) {
            $many = $times[$mark] ?? 0;
            if ($many !== 1) {
                $wrongs[] = "{$kind} {$mark} was acknowledged and is there {$many} times.";
            }
        }
        foreach ($times as $mark => $many) {
            $isKnown = isset($this->done[$kind][$mark]) || isset($this->open[$kind][$mark]);
            if ($many > 1 || ! $isKnown) {
                $wrongs[] = "{$kind} {$mark} is there {$many} times, acknowledged or sent: " . json_encode($isKnown);
            }
        }

        return $wrongs;
    }

    /**
     * @param list<TriedSalon> $salons
     *
     * @return list<string>
     */
    private function stock(array $salons): array
    {
        $told = $many = [];
        foreach ($this->done['stock'] ?? [] as $what) {
            [$path, $ml] = explode(' ', $what);
            $product = explode('/', $path)[2];
            $told[$product] = ($told[$product] ?? 0) + (int) trim($ml, '"');
            $many[$product] = ($many[$product] ?? 0) + 1;
        }
        $wrongs = [];
        $unknown = count($this->open['stock'] ?? []);
        foreach (array_merge(...array_map(static fn (TriedSalon $salon): array => $salon->products, $salons)) as $id) {
            $moves = StockMove::query()->where('product_id', $id);
            [$rows, $sum] = [$moves->count(), (float) $moves->sum('ml')];
            $left = (float) Product::query()->withoutGlobalScopes()->findOrFail($id)->left_ml;
            $more = $rows - ($many[$id] ?? 0);
            if ($more < 0 || $more > $unknown || ($more === 0 && abs($sum - ($told[$id] ?? 0)) > 0.005)) {
                $wrongs[] = "Product {$id}: {$rows} moves of {$sum} ml, told were " . ($many[$id] ?? 0) . ' of '
                    . ($told[$id] ?? 0) . ' ml.';
            }
            if (abs($left - $sum) > 0.005) {
                $wrongs[] = "Product {$id} says {$left} ml are left, its moves come to {$sum} ml.";
            }
        }

        return $wrongs;
    }

    /**
     * @param list<int> $salonIds
     *
     * @return list<string>
     */
    private function bookings(array $salonIds): array
    {
        $there = Booking::query()->withoutGlobalScopes()->whereIn('salon_id', $salonIds)
            ->orderBy('user_id')->orderBy('starts_at')->get(['id', 'user_id', 'starts_at', 'minutes', 'status']);
        $ids = $there->pluck('id')->all();
        $wrongs = [];
        $told = [];
        foreach ($this->done['booking'] ?? [] as $mark => $answer) {
            $id = json_decode($answer, true)['data']['id'] ?? 'nothing';
            $told[] = $id;
            if (! in_array($id, $ids, true)) {
                $wrongs[] = "Booking {$mark} was acknowledged as {$id} and is not there.";
            }
        }
        if (count(array_unique($told)) !== count($told)) {
            $wrongs[] = 'One booking was acknowledged to two.';
        }
        $more = count($ids) - count($told);
        if ($more < 0 || $more > count($this->open['booking'] ?? [])) {
            $wrongs[] = count($ids) . ' bookings are there, ' . count($told) . ' were acknowledged.';
        }
        for ($at = 1; $at < $there->count(); $at++) {
            [$one, $next] = [$there[$at - 1], $there[$at]];
            if (
                $one?->user_id === $next?->user_id
                && $one?->starts_at->addMinutes($one->minutes)->greaterThan($next->starts_at)
            ) {
                $wrongs[] = "Bookings {$one?->id} and {$next?->id} are at the same time.";
            }
        }

        return $wrongs;
    }

    /** @param array<string, int> $of */
    private function count(array &$of, string $name): void
    {
        $of[$name] = ($of[$name] ?? 0) + 1;
    }
}
