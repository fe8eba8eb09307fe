<?php

declare(strict_types=1);

namespace App\Bridge\Clients;

use App\Wording\Words;
use GdImage;
use InvalidArgumentException;

/**
 * Takes the pixels of a picture and nothing else: decoded, turned upright, made no larger than a screen, encoded anew.
 * Whatever else
 * the file carried, where it was taken or a script, is gone.
 */
final readonly class PictureIntake
{
    private const MOST_SIDE = 1600;
    private const LEAST_SIDE = 50;
    private const MOST_MEGAPIXELS = 60;
    private const QUALITY = 86;

    /**
     * @return array{string, int, int} JPEG, width and height in pixels
     *
     * @throws InvalidArgumentException where the file is no picture, or too small or large a one
     */
    public function jpeg(string $file): array
    {
        $size = @getimagesize($file);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw new InvalidArgumentException(Words::say('refusals.picture-file.none'));
        }
        if (min($size[0], $size[1]) < self::LEAST_SIDE || $size[0] * $size[1] > self::MOST_MEGAPIXELS * 1_000_000) {
            throw new InvalidArgumentException(Words::say('refusals.picture-file.size', [
                'least' => self::LEAST_SIDE, 'most' => self::MOST_MEGAPIXELS,
            ]));
        }
        $image = @imagecreatefromstring((string) file_get_contents($file));
        if ($image === false) {
            throw new InvalidArgumentException(Words::say('refusals.picture-file.damaged'));
        }
        $image = $this->shrunk($this->upright($image, $file, $size[2]));
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return [(string) ob_get_clean(), imagesx($image), imagesy($image)];
    }

    /** A camera held upright says so in the part of the file that is thrown away. */
    private function upright(GdImage $image, string $file, int $type): GdImage
    {
        $exif = $type === IMAGETYPE_JPEG && function_exists('exif_read_data') ? @exif_read_data($file) : false;
        $turn = match (is_array($exif) ? ($exif['Orientation'] ?? 1) : 1) {
            3 => 180,
            6 => -90,
            8 => 90,
            default => 0,
        };
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    private function shrunk(GdImage $image): GdImage
    {
        $scale = min(1.0, self::MOST_SIDE / max(imagesx($image), imagesy($image)));
        [$width, $height] = [
            max(1, (int) round($scale * imagesx($image))),
            max(1, (int) round($scale * imagesy($image))),
        ];
        // On paper: what a PNG leaves open would turn black in a JPEG.
        $flat = imagecreatetruecolor($width, $height);
        imagefill($flat, 0, 0, (int) imagecolorallocate($flat, 250, 246, 238));
        imagecopyresampled($flat, $image, 0, 0, 0, 0, $width, $height, imagesx($image), imagesy($image));

        return $flat;
    }
}
