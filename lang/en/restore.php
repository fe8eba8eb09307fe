<?php

declare(strict_types=1);

// Why an archive makes no salon.
return [
    'large' => 'The archive is larger than 60 MB, more than a page takes. In the terminal of this machine: php artisan nagomi:restore-salon, and the file.',
    'no-archive' => 'This is no archive of a salon. Take the whole salon away under Import and export, and give that file.',
    'newer' => 'The archive was made by another release than this; bring this machine to that release first.',
    'damaged' => 'The archive is damaged: :file is not what it was.',
    'here' => 'This salon, or a client of it, is here already. An archive makes a salon where there is none of it.',
    'address' => 'Someone here signs in with :email already.',
];
