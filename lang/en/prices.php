<?php

declare(strict_types=1);

// What a visit costs, and what of it is discount, tax and deposit.
return [
    'title' => 'Price',
    'by-the-list' => 'by the list',
    'by-hand' => 'as was agreed',
    'base' => ':base to :minutes minutes',
    'just-base' => 'as on the price list',
    'quarters' => '{1} a quarter of an hour more, :each|[2,*] :count quarters of an hour more, :each each',
    'steps' => '{1} hair longer than :from cm, :each|[2,*] hair longer than :from cm, :count times :each',
    'length-unknown' => 'nobody measured the length, so nothing is added for it',
    'list-now' => 'By the list it would be :price now (:why). What was said stands until you change it.',
    'tax-is-added' => ':rate % tax is added, :due in total',
    'lines' => [
        'price' => 'Price', 'discount' => 'Discount', 'tax-in' => 'Tax in it, :rate %', 'tax-on' => 'Tax, :rate %',
        'due' => 'Comes to', 'paid' => 'Deposit paid', 'kept' => 'Deposit kept', 'left' => 'Left to pay', 'back' => 'To give back',
        'asked' => 'Deposit asked, not paid yet', 'returned' => 'Deposit given back',
    ],
    'deposit' => [
        'asked' => 'Asked', 'paid' => 'Paid', 'kept' => 'Kept', 'returned' => 'Given back',
        'with-booking' => ':deposit deposit is asked',
        'decide' => 'A deposit of :deposit was paid: say below whether it is kept or given back.',
    ],
    'change' => 'Change price, discount or deposit',
    'fields' => [
        'price' => 'Price', 'price-help' => 'empty: by the list', 'discount' => 'Discount',
        'discount-help' => 'a share such as 10 %, or a sum such as 5', 'because' => 'Why the discount',
        'deposit' => 'Deposit', 'deposit-help' => 'empty: none', 'state' => 'Deposit now', 'keep' => 'Keep it',
    ],
    'said' => 'The price is kept: it comes to :due.',
    'wrong' => [
        'hundredths' => 'A price has at most two decimals: type it such as 65.50.',
        'whole' => ':currency has no smaller coin: type a whole number, without decimals.',
        'price' => 'Price: type 0 to :most, such as 65, or leave it empty for what the list says.',
        'no-list' => 'Price: type it, such as 65; this service is no longer on the list.',
        'discount' => 'Discount: type a share such as 10 %, or a sum up to the price such as 5, or leave it empty.',
        'because' => 'Why the discount: say it in up to 120 letters.',
        'deposit' => 'Deposit: type more than 0, up to what the visit comes to, such as 20, or leave it empty.',
        'state' => 'Deposit now: choose one from the list.',
        'kept' => 'A deposit is kept only of a visit that was cancelled or missed: choose another.',
    ],
    'salon' => [
        'tax' => 'Tax', 'rate' => 'Tax on services', 'added' => 'Added to the prices below', 'how' => 'Empty: no tax is shown. What is taxed and how much is local law. Prices hold the tax, or it is added to them.',
        'rate-wrong' => 'Tax on services: type 0 to 100 %, such as 23 or 8.25, or leave it empty.',
        'more' => 'Price by minutes and length, deposit',
        'quarter' => 'Each quarter of an hour more', 'long' => 'Hair longer than', 'step' => 'Each 5 cm more', 'deposit' => 'Deposit',
        'more-how' => 'Whole quarters of an hour beyond the minutes above, drying without hands not counted; begun 5 cm of stretched hair beyond the length. Empty: does not count.',
        'quarter-wrong' => 'Each quarter of an hour more: type more than 0 and up to :most, such as 5, or leave it empty.',
        'long-wrong' => 'Hair longer than: type 1 to 200 cm and what each 5 cm more costs, or leave both empty.',
        'step-wrong' => 'Each 5 cm more: type more than 0 and up to :most, and from what length on, or leave both empty.',
        'deposit-wrong' => 'Deposit: type more than 0 and up to :most, such as 20, or leave it empty.',
    ],
];
