<?php

declare(strict_types=1);

namespace Tests\Malformed;

use App\Care\Programs\AccessTokens;
use App\Http\Resources\Problem;
use App\Models\Head;
use App\Models\TokenAbility;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Strangers\StrangersTestCase;

/** A salon with one head, and a count of everything that is stored. */
abstract class MalformedTestCase extends StrangersTestCase
{
    public Head $head;

    protected function setUp(): void
    {
        parent::setUp();
        $this->head = $this->aHead();
    }

    /** @return array<string, string> headers of another program; none where somebody is signed in on the pages */
    public function comesAs(string $route): array
    {
        Auth::forgetGuards();
        Auth::shouldUse('web');
        if (! str_starts_with($route, 'api.')) {
            $this->actingAs($this->stylist);

            return [];
        }
        $token = app(AccessTokens::class)->give($this->stylist, 'Website', TokenAbility::cases(), 90);

        return ['Authorization' => "Bearer {$token}", 'If-Match' => '*'];
    }

    /** @return array<string, int> rows by table, of everything that people put there */
    public function stored(): array
    {
        $counts = [];
        foreach (
            [
                'heads', 'zone_parts', 'wash_days', 'wash_steps', 'readings', 'visits', 'bookings', 'services',
                'products', 'reactions', 'clearances', 'plan_edits', 'promises', 'wash_sessions', 'wash_session_acts',
                'home_acts', 'home_links', 'trials', 'programmes', 'styles', 'imports', 'leaves', 'waits',
                'taught_ingredients', 'pictures', 'calendar_feeds', 'webhooks',
            ] as $table
        ) {
            $counts[$table] = DB::table($table)->count();
        }

        return $counts;
    }

    /**
     * What is wrong about an answer to something malformed; null where nothing is.
     *
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer
     */
    public function wrongWith(TestResponse $answer): ?string
    {
        $status = $answer->baseResponse->getStatusCode();
        if ($status >= 500 || $this->logged !== []) {
            return "answered {$status}: " . mb_substr(implode(' | ', $this->logged), 0, 300);
        }
        $errors = session('errors');
        $sentences = $errors instanceof \Illuminate\Support\ViewErrorBag ? $errors->all() : [];
        $told = json_decode(
            (string) (
                in_array($answer->baseResponse->headers->get('Content-Type'), ['application/json', Problem::TYPE], true)
                    ? $answer->baseResponse->getContent()
                    : ''
            ),
            true,
        );
        foreach (is_array($told) && is_array($told['errors'] ?? null) ? $told['errors'] : [] as $of) {
            $sentences = [...$sentences, ...is_array($of) ? $of : []];
        }
        foreach ($sentences as $sentence) {
            // The framework's own words say that something is wrong, not what to type instead.
            if (
                ! is_string($sentence)
                    || preg_match('/^The .* (field|must|is|may|has|format)\b/', $sentence) === 1
                    || str_starts_with($sentence, 'validation.')
            ) {
                return 'says “' . (is_string($sentence) ? $sentence : '') . '”';
            }
        }

        return null;
    }
}
