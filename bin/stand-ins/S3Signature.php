<?php

declare(strict_types=1);

/**
 * Signature Version 4 of a request, as the documentation of the S3 interface has it ("Authenticating Requests: Using the
 * Authorization Header", worked example "GET Object", both from memory; tests/Feature/PictureStoreTest.php holds the
 * example against this).
 */
final readonly class S3Signature
{
    private const ALGORITHM = 'AWS4-HMAC-SHA256';

    public function __construct(private string $secret)
    {
    }

    /**
     * @param string                $path    as it came, still encoded
     * @param array<string, string> $query   decoded, by name
     * @param array<string, string> $headers those that are signed, by their name in small letters
     * @param string                $scope   such as 20130524/us-east-1/s3/aws4_request
     * @param string                $payload SHA-256 of the body in hexadecimal digits, or what stands in its place
     *
     * @return string 64 hexadecimal digits
     */
    public function of(string $method, string $path, array $query, array $headers, string $scope, string $payload): string
    {
        ksort($query);
        ksort($headers);
        $canonical = implode("\n", [
            $method,
            $path,
            implode('&', array_map(
                static fn (string $name, string $value): string => rawurlencode($name) . '=' . rawurlencode($value),
                array_keys($query),
                $query,
            )),
            ...array_map(
                static fn (string $name, string $value): string => "{$name}:" . trim($value),
                array_keys($headers),
                $headers,
            ),
            '',
            implode(';', array_keys($headers)),
            $payload,
        ]);
        $key = "AWS4{$this->secret}";
        foreach (explode('/', $scope) as $part) {
            $key = hash_hmac('sha256', $part, $key, true);
        }
        $toSign = implode("\n", [self::ALGORITHM, $headers['x-amz-date'] ?? '', $scope, hash('sha256', $canonical)]);

        return hash_hmac('sha256', $toSign, $key);
    }
}
