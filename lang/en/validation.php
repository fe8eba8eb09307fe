<?php

declare(strict_types=1);

// What is said where a form has no sentence of its own for a field: what to type instead, never only that something is wrong.
$choose = ':Attribute: choose one from the list.';
$day = ':Attribute: type a day that exists, such as 2027-02-28, in the range the form allows.';
$damaged = ':Attribute: this part of the form is damaged; reload the page and type it again.';
$number = ':Attribute: type a number, such as 12 or 12.5.';

return [
    'accepted' => ':Attribute: tick it to go on.',
    'after' => $day, 'after_or_equal' => $day, 'before' => $day, 'before_or_equal' => $day, 'date' => $day, 'date_format' => $day, 'date_equals' => $day,
    'alpha_dash' => $damaged, 'array' => $damaged, 'list' => $damaged, 'present' => $damaged, 'ulid' => $damaged, 'uuid' => $damaged, 'json' => $damaged, 'distinct' => ':Attribute: this stands there twice; keep one.',
    'between' => ['array' => $damaged, 'file' => ':Attribute: choose a file of :min to :max kB.', 'numeric' => ':Attribute: type :min to :max.', 'string' => ':Attribute: type :min to :max letters.'],
    'boolean' => ':Attribute: tick it, or leave it.',
    'different' => ':Attribute: choose another than :other.',
    'email' => ':Attribute: type an address such as name@place.example.',
    'enum' => $choose, 'exists' => $choose, 'in' => $choose, 'not_in' => $choose,
    'file' => ':Attribute: choose a file.', 'image' => ':Attribute: choose a picture.', 'mimes' => ':Attribute: choose a file of another kind.', 'uploaded' => ':Attribute: the file did not arrive; choose a smaller one.',
    'integer' => ':Attribute: type a whole number.', 'numeric' => $number, 'decimal' => $number,
    'max' => ['array' => ':Attribute: at most :max.', 'file' => ':Attribute: choose a file of up to :max kB.', 'numeric' => ':Attribute: type :max at most.', 'string' => ':Attribute: keep it to :max letters.'],
    'min' => ['array' => ':Attribute: at least :min.', 'file' => ':Attribute: choose a file of at least :min kB.', 'numeric' => ':Attribute: type :min at least.', 'string' => ':Attribute: type :min letters at least.'],
    'regex' => ':Attribute: type it as the example beside it shows.',
    'required' => ':Attribute: type or choose something.', 'required_if' => ':Attribute: type or choose something.', 'required_with' => ':Attribute: type or choose something.', 'required_without' => ':Attribute: type or choose something.', 'filled' => ':Attribute: type or choose something.',
    'size' => ['array' => $damaged, 'file' => ':Attribute: choose a file of :size kB.', 'numeric' => ':Attribute: type :size.', 'string' => ':Attribute: type :size letters.'],
    'string' => ':Attribute: type it as one line of text.',
    'unique' => ':Attribute: that is taken; type another.',
    'url' => ':Attribute: type an address such as https://place.example.',
    'attributes' => [],
];
