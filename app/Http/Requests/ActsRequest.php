<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Care\Acts\ActAnswer;
use App\Care\Acts\ActMoment;
use App\Care\Acts\SentAct;
use App\Wording\Words;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;

/**
 * Acts from a device, perhaps some time after they were done. The request never fails for one of them: each has an
 * answer of its own, and what cannot be read is told so.
 */
final readonly class ActsRequest
{
    /** Those beyond are answered when they are sent again. */
    private const MOST_ACTS = 200;
    private const LONGEST_KIND = 16;

    /** @param list<SentAct|ActAnswer> $acts an answer in place of an act that cannot be read */
    private function __construct(public string $device, private array $acts)
    {
    }

    public static function of(Request $request): self
    {
        $came = CarbonImmutable::now();
        $offsetMs = ActMoment::offsetMs($request->input('sent_at'), $came);
        $acts = $request->input('acts');
        $device = $request->input('device');

        return new self(
            is_string($device) && $device !== '' && mb_strlen($device) <= 40 ? $device : 'unknown',
            array_map(
                fn (mixed $act): SentAct|ActAnswer => self::act($act, $came, $offsetMs),
                array_slice(array_values(is_array($acts) ? $acts : []), 0, self::MOST_ACTS),
            ),
        );
    }

    private static function act(mixed $act, CarbonImmutable $came, ?int $offsetMs): SentAct|ActAnswer
    {
        $parts = is_array($act) ? $act : [];
        $key = $parts['key'] ?? null;
        $kind = $parts['kind'] ?? null;
        $hasKey = is_string($key) && preg_match('/^[\x20-\x7e]{1,' . SentAct::LONGEST_KEY . '}$/D', $key) === 1;
        if (! $hasKey || ! is_string($kind) || $kind === '' || strlen($kind) > self::LONGEST_KIND) {
            return ActAnswer::unreadable($hasKey ? $key : null, Words::say('acts.unreadable'));
        }
        $named = [];
        foreach ($parts as $name => $value) {
            $named[(string) $name] = $value;
        }

        return new SentAct(
            $key,
            $kind,
            $named,
            ActMoment::of($parts['at'] ?? null, $parts['offset_ms'] ?? $offsetMs, $came),
        );
    }

    /**
     * @param Closure(list<SentAct>): list<ActAnswer> $take answers those it takes or refuses
     *
     * @return list<ActAnswer> in the order the acts came in; none for those that are to come again
     */
    public function answered(Closure $take): array
    {
        $readable = array_filter($this->acts, fn (SentAct|ActAnswer $act): bool => $act instanceof SentAct);
        $answers = [];
        foreach ($readable === [] ? [] : $take(array_values($readable)) as $answer) {
            $answers[$answer->key ?? ''] = $answer;
        }
        $told = array_map(
            fn (SentAct|ActAnswer $act): ?ActAnswer => $act instanceof ActAnswer ? $act : $answers[$act->key] ?? null,
            $this->acts,
        );

        return array_values(array_filter($told));
    }

    /**
     * Where what the acts are about is not there any more.
     *
     * @return list<ActAnswer>
     */
    public function refused(string $sentence): array
    {
        return $this->answered(fn (array $acts): array => array_map(
            fn (SentAct $act): ActAnswer => ActAnswer::refused($act->key, $sentence),
            $acts,
        ));
    }
}
