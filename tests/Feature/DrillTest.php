<?php

declare(strict_types=1);

/*
 * Drills: rounds of a minute, marked by what reads real clients; what was missed comes back, what was known waits.
 */

use App\Bridge\Practice\Drills;
use App\Models\DrillCard;

beforeEach(function (): void {
    $this->actingAs($this->stylist);
});

/** @return array<int, string> right answers of the next round */
function rightAnswers(string $kind): array
{
    $right = [];
    foreach (app(Drills::class)->round(test()->stylist, $kind) as $asked) {
        $right[$asked->item] = $asked->right;
    }

    return $right;
}

it('asks a round of six of each kind, and never shows what is right', function (string $kind): void {
    $this->get('/practice/drills')->assertOk()->assertSee(__("practice.drills.kinds.{$kind}"))
        ->assertSee('12 of 12 to ask');
    $page = $this->get("/practice/drills?kind={$kind}")->assertOk()->assertSee('data-seconds="60"', false);

    expect(substr_count((string) $page->getContent(), '<fieldset'))->toBe(6)
        ->and((string) $page->getContent())->not->toContain('practice.drills.')
        ->and(rightAnswers($kind))->toHaveCount(6);
})->with(Drills::kinds());

it('marks a round, brings back what was missed, and lets what was known wait', function (): void {
    $right = rightAnswers('stretch');
    $missed = array_key_first($right);
    $unanswered = array_key_last($right);
    $answers = array_replace($right, [$missed => $right[$missed] === 'stiff' ? 'healthy' : 'stiff', $unanswered => '']);
    $this->post('/practice/drills', ['kind' => 'stretch', 'answer' => $answers])
        ->assertRedirect('/practice/drills?kind=stretch');
    $this->get('/practice/drills?kind=stretch')->assertSee('How the round went: 4 of 6 right')
        ->assertSee('You said: nothing');
    $cards = DrillCard::query()->get()->keyBy('item');
    $today = $this->salon->today()->format('Y-m-d');

    expect($cards)->toHaveCount(6)
        ->and($cards[$missed]->due_on->format('Y-m-d'))->toBe($today)
        ->and($cards[$missed]->missed)->toBe(1)
        ->and($cards[$unanswered]->due_on->format('Y-m-d'))->toBe($today)
        ->and($cards->where('box', 1)->where('missed', 0))->toHaveCount(4)
        // What was missed comes first in the next round, and then what was never asked.
        ->and(array_slice(array_keys(rightAnswers('stretch')), 0, 2))->toBe([$missed, $unanswered]);
    $this->get('/practice/drills')->assertSee('8 of 12 to ask');
});

it('has nothing to ask once all was known, until the next day', function (): void {
    foreach ([1, 2] as $round) {
        $this->post('/practice/drills', ['kind' => 'doses', 'answer' => rightAnswers('doses')]);
    }
    $this->get('/practice/drills?kind=doses')->assertSee('12');
    $this->get('/practice/drills?kind=doses')->assertSee('Nothing is due today.')->assertSee('Nothing to ask today');
    $this->travel(1)->days();

    expect(rightAnswers('doses'))->toHaveCount(6);
});

it('asks for one of the drills where another is sent', function (): void {
    $this->from('/practice/drills')->post('/practice/drills', ['kind' => 'tarot', 'answer' => ['0' => 'x']])
        ->assertSessionHasErrors('kind');
    $this->get('/practice/drills')->assertSee('Choose one of the drills shown.');
    $this->get('/practice/drills?kind=tarot')->assertOk();
    $this->post('/practice/drills', ['kind' => 'doses', 'answer' => ['99' => 'x', 'a' => 'y']])->assertRedirect();

    expect(DrillCard::query()->count())->toBe(0);
});
