<?php

declare(strict_types=1);

// What hair tests told.
return [
    'about-minutes' => '{1} about a minute|[2,*] about :count minutes',
    'last-wash' => '{0} last wash day in the book: today|{1} last wash day in the book: yesterday'
        . '|[2,*] last wash day in the book: :count days ago',
    'moves-nothing' => 'It moved neither moisture nor protein.',
];
