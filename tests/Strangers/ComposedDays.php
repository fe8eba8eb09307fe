<?php

declare(strict_types=1);

namespace Tests\Strangers;

use App\Bridge\WashDays\SessionOrder;
use App\Bridge\WashDays\WashSessionState;
use App\Models\Head;
use App\Models\WashSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/**
 * A stranger's wash day laid out by hand, changed as nobody would change it, begun, run and ended: it breaks no rule as it
 * is laid out, and none unasked; and whatever is tapped is answered in words.
 */
final readonly class ComposedDays
{
    private const CHANGES = 14;

    public function __construct(private StrangersTestCase $test, private Stranger $stranger)
    {
    }

    public function changedAndRun(Head $head): void
    {
        $this->test->fine($this->test->post("/clients/{$head->id}/wash", ['change' => '1']), 'lay out');
        $washSession = WashSession::query()->where('head_id', $head->id)->latest('id')->firstOrFail();
        expect(SessionOrder::broken($this->state($washSession)))->toBe([]);
        $url = "/clients/{$head->id}/wash/{$washSession->id}";
        for ($i = 0; $i < self::CHANGES; $i++) {
            $before = SessionOrder::broken($this->state($washSession));
            $answer = $this->sent($washSession, $this->change($washSession), $i);
            $isNew = count(SessionOrder::broken($this->state($washSession))) > count($before);
            // Said without a reason, nothing is broken that was whole.
            expect($isNew)->toBeFalse(json_encode($answer, JSON_THROW_ON_ERROR));
        }
        $this->opens($url);
        $this->test->fine($this->test->post("{$url}/begin"), 'begin');
        $minute = 0;
        foreach ($this->state($washSession)->steps() as $step) {
            $minute += 3;
            $act = ['kind' => $this->stranger->one(['done', 'done', 'done', 'skip', 'pause', 'back']), 'value' => []];
            $this->sent($washSession, ['step' => $step['key']] + $act, $minute);
        }
        $this->opens($url);
        $this->test->fine($this->test->post("{$url}/finish"), 'end');
        $planned = array_map(
            static fn (array $of): string => (string) max(1, $of['planned']),
            is_array(session('doubtful')) ? session('doubtful') : [],
        );
        $this->test->fine($this->test->post("{$url}/finish", ['minutes' => $planned]), 'end');
        expect($washSession->refresh()->finished_at)->not->toBeNull();
        $this->opens($url);
    }

    private function state(WashSession $washSession): WashSessionState
    {
        return WashSessionState::of($washSession->refresh(), array_values($washSession->acts()->get()->all()));
    }

    private function opens(string $url): void
    {
        $answer = $this->test->get($url);
        $this->test->fine($answer, $url);
        expect($answer->baseResponse->getStatusCode())->toBe(200, $url)
            ->and(Sentences::wrongOn($url, (string) $answer->baseResponse->getContent()))->toBe([]);
    }

    /** @return array<string, mixed> an act that changes the day, sensible or not */
    private function change(WashSession $washSession): array
    {
        $keys = $this->state($washSession)->order();
        $step = $this->stranger->one($keys);
        $after = $this->stranger->one([null, ...$keys]);
        $kind = $this->stranger->one(['add', 'add', 'move', 'set', 'set', 'skip', 'swap']);

        return [
            'kind' => $kind,
            'step' => $kind === 'add' ? 'put-in-' . Str::lower(Str::random(4)) : $step,
            'value' => match ($kind) {
                'add' => [
                    'of' => $this->stranger->one(array_keys($washSession->palette())), 'after' => $after,
                ],
                'move' => ['after' => $after],
                'set' => $this->stranger->one([
                    ['hands' => 4], ['on' => 900], ['on' => 45], ['sections' => 12], ['tool' => 'brush'],
                    ['heat' => true], ['mm' => 3],
                ]),
                default => [],
            },
        ];
    }

    /**
     * @param array<string, mixed> $act
     *
     * @return array<array-key, mixed>
     */
    private function sent(WashSession $washSession, array $act, int $minute): array
    {
        $answer = $this->test->postJson("/clients/{$washSession->head_id}/wash/{$washSession->id}/acts", [
            'device' => 'one',
            'acts' => [[
                'key' => (string) Str::uuid(), 'at' => CarbonImmutable::now()->addMinutes($minute)->format('c'),
            ] + $act],
        ]);
        $this->test->fine($answer, 'act');
        expect($answer->baseResponse->getStatusCode())->toBe(200);

        return (array) $answer->json('answers.0');
    }
}
