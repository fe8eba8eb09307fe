<?php

declare(strict_types=1);

namespace Tests\Malformed;

use App\Models\Head;
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

    /** @return array<string, int> rows by table, of everything that people put there */
    public function stored(): array
    {
        $counts = [];
        foreach (
            [
                'heads', 'zone_parts', 'wash_days', 'wash_steps', 'readings', 'visits', 'bookings', 'services',
                'products', 'reactions', 'clearances', 'plan_edits', 'promises', 'wash_sessions', 'wash_session_acts',
                'home_acts', 'home_links', 'trials', 'programmes', 'styles', 'imports', 'leaves', 'waits',
                'taught_ingredients', 'pictures', 'calendar_feeds',
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
                $answer->baseResponse->headers->get('Content-Type') === 'application/json'
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
