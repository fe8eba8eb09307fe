<?php

declare(strict_types=1);

use Nagomi\Core\Wording\Figure;
use Nagomi\Core\Wording\KeptMessage;
use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\Sentences;

/** @param array<string, string> $lines */
function saying(array $lines): Sentences
{
    return new Sentences(static fn (string $key): ?string => $lines[$key] ?? null);
}

$english = [
    'wash' => ':Who is washed on :when, :minutes min.', 'part' => 'Into one section|Into :count sections',
    'who' => 'the nape', 'names' => 'It holds :names.', 'wording.day' => ':day :month', 'wording.months.11' => 'Nov',
    'wording.decimal-sign' => '.',
];
$message = static fn (): Message => Message::of(
    'wash',
    who: Message::of('who'),
    when: new DateTimeImmutable('2026-11-12', new DateTimeZone('UTC')),
    minutes: new Figure(-12.5),
);

it('puts words, days and numbers into their places, each as the language sets them', function () use ($english, $message): void {
    expect(saying($english)->say($message()))->toBe('The nape is washed on 12 Nov, −12.5 min.')
        ->and(saying([
            'wash' => 'El :when: :who, :minutes min.', 'who' => 'la nuca', 'wording.day' => ':day de :month',
            'wording.months.11' => 'nov', 'wording.decimal-sign' => ',',
        ])->say($message()))->toBe('El 12 de nov: la nuca, −12,5 min.');
});

it('sets numbers with the decimals asked for, and what rounds to nothing without a sign', function (
    float $value,
    ?int $decimals,
    string $set,
) use ($english): void {
    expect(saying($english)->number(new Figure($value, $decimals)))->toBe($set);
})->with([
    [3.0, null, '3'], [3.0, 1, '3.0'], [0.125, null, '0.125'], [-0.04, 1, '0.0'], [-3.4, 0, '−3'],
    [1234.5, 1, '1234.5'],
    [100.0, null, '100'], [1 / 3, null, '0.333333'],
]);

it('tells one from many, names several in a row, and leaves one dot where a name brings its own', function () use ($english): void {
    $says = saying($english);
    expect($says->say(Message::of('part', count: 1)))->toBe('Into one section')
        ->and($says->say(Message::of('part', count: 4)))->toBe('Into 4 sections')
        ->and(
            $says->say(Message::of('names', names: ['Aqua', 'Alcohol Denat.'])),
        )->toBe('It holds Aqua, Alcohol Denat.')
        ->and($says->say(Message::inARow([Message::of('who'), Message::asItIs('As typed: 5 %.')])))
        ->toBe('the nape As typed: 5 %.')
        ->and($says->say(Message::of('no-such-line')))->toBe('no-such-line');
});

it('never takes what somebody typed for a place of its own', function () use ($english): void {
    expect(saying($english)->say(Message::of('names', names: [':names', 'a :who'])))->toBe('It holds :names, a :who.');
});

it('reads a message back as it was kept, and a sentence kept as such as it is', function () use ($english, $message): void {
    $all = Message::inARow([
        $message(), Message::of('part', count: 3), Message::of('names', names: ['Aqua', Message::of('who')]),
        Message::asItIs('Typed by hand.'),
    ]);
    $kept = json_decode((string) json_encode($all), true);
    $says = saying($english);
    expect(KeptMessage::read($kept))->toEqual($all)
        ->and($says->say(KeptMessage::read($kept)))->toBe($says->say($all))
        ->and($says->say(KeptMessage::read('An old sentence.')))->toBe('An old sentence.')
        ->and($says->say(KeptMessage::read(null)))->toBe('')
        ->and($says->say(KeptMessage::read(['key' => 'who', 'places' => 'broken'])))->toBe('the nape')
        ->and($says->say(KeptMessage::read(['key' => 'names', 'places' => ['names' => ['day' => 'no day']]])))
        ->toBe('It holds .');
});

it('says every message in a tree and leaves the rest of it as it is', function () use ($english): void {
    $watch = [Message::of('part', count: 2)];
    $tree = ['key' => 'rinse', 'label' => Message::of('who'), 'watch' => $watch, 'minutes' => 2.5];
    $kept = json_decode((string) json_encode($tree), true);
    $said = ['key' => 'rinse', 'label' => 'the nape', 'watch' => ['Into 2 sections'], 'minutes' => 2.5];
    expect(saying($english)->within($tree))->toBe($said)->and(saying($english)->within($kept))->toBe($said);
});
