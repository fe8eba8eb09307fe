<?php

declare(strict_types=1);

/** Clients who are forgotten by themselves. */
return [
    'title' => 'Clients who stopped coming',
    'how' => 'After so many years without a booking, a visit, a result, a word from home or a change of the details a client is deleted with everything. Each stands here for :days days first.',
    'years' => 'Delete after', 'unit' => 'years', 'never' => 'Left empty, nobody is deleted by itself.',
    'years-wrong' => 'Type a whole number of years from 1 to :most, or leave it empty.',
    'soon' => 'To be deleted', 'on' => 'on :day', 'keep' => 'Keep', 'kept' => 'Kept: :name. The years count from today.',
    'by-itself' => 'Nagomi, as set here',
    'today' => '{1} A client who stopped coming is deleted from :day on.|[2,*] :count clients who stopped coming are deleted from :day on.',
    'look' => 'Look through them',
];
