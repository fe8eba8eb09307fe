<?php

declare(strict_types=1);

// The home routine on a client's phone.
return [
    'insecure' => 'Keep this page open if you have no network at home: what you tick waits here, but the page cannot be opened again until you are back on one.',
];
