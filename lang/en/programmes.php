<?php

declare(strict_types=1);

return [
    'weeks' => '{1} one week|[2,*] :count weeks',
    'days-left' => '{1} one day left|[2,*] :count days left',
    'begun' => 'It runs: the plan keeps to it until it is over, and wash days say by themselves whether it was kept to.',
    'broken-off' => 'Broken off; the plan goes by the signs and the house again, and what it said stands.',
    'contradicts' => 'What: “:other” runs until :until and says otherwise of the same thing. Break it off first, or begin after it.',
    'planned' => ':washed of :planned planned wash days were done.',
    'running' => ':kind until :until',
    'see' => 'See or break off',
    'keeps' => 'The plan keeps to: :what.',
];
