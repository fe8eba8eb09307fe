<?php

declare(strict_types=1);

namespace Nagomi\Core\Head;

use Nagomi\Core\Wording\Message;
use Nagomi\Core\Wording\RefusedInput;

/** The schools a head is cared for by: one choice for each question; what is not said is our default. */
final readonly class Method
{
    /** @var array<string, string> choice by question value, every question answered */
    public array $choices;

    /**
     * @param array<string, string> $choices by question value
     *
     * @throws RefusedInput for an unknown question or choice
     */
    public function __construct(array $choices = [])
    {
        /** @var array<string, string> $all */
        $all = [];
        foreach (MethodQuestion::cases() as $question) {
            $choice = $choices[$question->value] ?? $question->choices()[0];
            if (! in_array($choice, $question->choices(), true)) {
                throw new RefusedInput(Message::of(
                    'refusals.one-of',
                    what: $question->value,
                    choices: $question->choices(),
                ));
            }
            $all[$question->value] = $choice;
        }
        $unknown = array_diff(array_keys($choices), array_keys($all));
        if ($unknown !== []) {
            throw new RefusedInput(Message::of('refusals.unknown-question', names: array_values($unknown)));
        }
        $this->choices = $all;
    }

    public function choice(MethodQuestion $question): string
    {
        return $this->choices[$question->value];
    }

    public function says(MethodQuestion $question, string $choice, string ...$or): bool
    {
        return $this->choices[$question->value] === $choice
            || $or !== [] && in_array($this->choices[$question->value], $or, true);
    }
}
