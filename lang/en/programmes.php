<?php

declare(strict_types=1);

return [
    'weeks' => '{1} one week|[2,*] :count weeks',
    'days-left' => '{1} one day left|[2,*] :count days left',
    'begun' => 'It runs: the plan keeps to it until it is over, and wash days say by themselves whether it was kept to.',
    'broken-off' => 'Stopped; the plan goes by the hair tests and the salon’s own way again. What it showed stays.',
    'contradicts' => 'What: “:other” runs until :until and says otherwise of the same thing. Stop it first, or begin after it.',
    'planned' => ':washed of :planned planned wash days were done.',
    'running' => ':kind until :until',
    'see' => 'See or stop',
    'keeps' => 'The plan keeps to: :what.',
];
