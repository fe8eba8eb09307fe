<?php

declare(strict_types=1);

// What a client at home reads of bottles, in Spanish.
return [
    'at-home' => ':name, :much',
    'such-as' => 'por ejemplo :name, :much',
];
