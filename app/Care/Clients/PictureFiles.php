<?php

declare(strict_types=1);

namespace App\Care\Clients;

use App\Models\Picture;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\Storage;

/** Pictures as they lie on the disk: encrypted, so that whoever takes the disk or a copy of it sees nobody. */
final readonly class PictureFiles
{
    /** How a JPEG begins; one that was kept before pictures were encrypted is read as it is. */
    private const JPEG = "\xFF\xD8\xFF";

    /** @param string $jpeg bytes of the picture */
    public function keep(Picture $picture, string $jpeg): void
    {
        // Where the row is taken back after all, its file is swept by night (nagomi:sweep-pictures).
        Storage::disk(Picture::DISK)->put($picture->path(), Crypt::encryptString($jpeg));
    }

    /** @return string|null bytes of the JPEG; null where its file is gone, or the key that opens it */
    public function read(Picture $picture): ?string
    {
        $kept = Storage::disk(Picture::DISK)->exists($picture->path())
            ? (string) Storage::disk(Picture::DISK)->get($picture->path())
            : '';

        return $kept === '' ? null : $this->opened($kept);
    }

    private function opened(string $kept): ?string
    {
        try {
            return $this->isOpen($kept) ? $kept : Crypt::decryptString($kept);
        } catch (DecryptException) {
            return null;
        }
    }

    /** Whether what is on the disk is a picture that anybody could look at. */
    public function isOpen(string $kept): bool
    {
        return str_starts_with($kept, self::JPEG);
    }
}
