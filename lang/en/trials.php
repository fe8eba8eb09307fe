<?php

declare(strict_types=1);

// Trials, one change at a time, and programmes.
return [
    'title' => 'Trials', 'title-of' => 'Trials of :name', 'lead' => 'One change at a time, one measure agreed on before, at least three or four wash days.',
    'many' => ':count trials run at once.', 'many-why' => 'Whatever changes then, nobody can say which of them did it; end all but one.',
    'halves' => ':changed against :usual, by :sign', 'since' => 'from :day, by :sign', 'ended' => ', ended :day',
    'more-changed' => 'More than one thing changed.', 'more-why' => 'If the trial is not about that, it tells less than it seems.',
    'sides' => 'usual side: :first · changed side: :second', 'times' => 'before: :first · after: :second', 'none' => 'none',
    'exact' => '. Exact permutation test; the interval holds every difference it does not speak against.',
    'end' => 'End it', 'empty' => 'Nothing was tried out yet. Three things changed at once teach nobody what helped; one change, tested four times, does.',
    'try' => 'Try one change', 'what' => 'What is changed', 'how' => 'How', 'by' => 'Measured by', 'from' => 'From', 'usual' => 'As usual', 'changed' => 'Changed', 'whole' => 'whole head',
    'ways' => ['half-head' => 'one half against the other', 'before-after' => 'before and after'], 'begin' => 'Begin the trial',
    'programmes' => 'Programmes', 'programme-since' => ':weeks from :day', 'broken-off' => ', stopped :day', 'over' => ', over',
    'nothing-yet' => 'Nothing to tell yet.', 'kept' => 'Kept to in :kept of :of :unit (:percent %).', 'before-and-since' => ':sign, before and since: :says', 'besides' => 'Besides: :what.',
    'break-off' => 'Stop it', 'no-programme' => 'A programme is kept to for a fixed time, such as a first month of weekly masks; how far it was kept to is read off the wash days.',
    'begin-programme' => 'Begin a programme', 'programme' => 'What', 'for' => 'For', 'weeks' => 'weeks', 'weeks-help' => 'empty: as usual', 'begin-it' => 'Begin it',
];
