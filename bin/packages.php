<?php

declare(strict_types=1);

/*
 * The same commit installs the same PHP packages. A lock file of Composer's would name hosts, so what is installed stands in
 * php-packages.txt: name, version, the reference of what was fetched (or its checksum, from a registry that tells no reference), and
 * "dev" behind those that only the tests need.
 *
 *     php bin/packages.php write     puts what is installed into the file
 *     php bin/packages.php with      prints the file as options of "composer update"
 *     php bin/packages.php check     holds what is installed against the file; exit 1 and which, where they differ
 */
$root = dirname(__DIR__);
$list = "$root/php-packages.txt";

$read = json_decode((string) @file_get_contents("$root/vendor/composer/installed.json"), true);
/** @return array<string, array{string, string}> version, and the reference or the checksum of what was fetched, by name */
$installed = static function () use ($read): array {
    $packages = [];
    foreach ($read['packages'] as $package) {
        $dist = $package['dist'] ?? [];
        $packages[$package['name']] = [$package['version'], match (true) {
            ($dist['reference'] ?? '') !== '' => "reference:{$dist['reference']}",
            ($dist['shasum'] ?? '') !== '' => "sha1:{$dist['shasum']}",
            default => '-',
        }];
    }
    ksort($packages);

    return $packages;
};
/** @return array<string, array{string, string, string}> the same as it should be, and "dev" or nothing */
$pinned = static function () use ($list): array {
    $packages = [];
    foreach (file($list, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        [$name, $version, $fetched, $for] = [...explode(' ', $line), ''];
        $packages[$name] = [$version, $fetched, $for];
    }

    return $packages;
};
// one registry tells the reference of the source, another the checksum of the file: only like can be compared with like
$differ = static fn(string $one, string $other): bool => strstr($one, ':', true) === strstr($other, ':', true) && $one !== $other;

switch ($argv[1] ?? '') {
    case 'write':
        $lines = [];
        foreach ($installed() as $name => [$version, $fetched]) {
            $lines[] = "$name $version $fetched" . (in_array($name, $read['dev-package-names'], true) ? ' dev' : '') . "\n";
        }
        file_put_contents($list, $lines);
        break;
    case 'with':
        foreach ($pinned() as $name => [$version]) {
            echo "--with\n$name:$version\n";
        }
        break;
    case 'check':
        // what only the tests need may be left out as a whole
        $wanted = array_filter($pinned(), static fn(array $each): bool => $read['dev'] || $each[2] !== 'dev');
        $is = $installed();
        $wrong = [];
        foreach ($is + $wanted as $name => $ignored) {
            [$version, $fetched] = $is[$name] ?? ['not there', '-'];
            [$wantedVersion, $wantedFetched] = $wanted[$name] ?? ['not there', '-'];
            if ($version !== $wantedVersion) {
                $wrong[] = "$name is $version, and should be $wantedVersion";
            } elseif ($differ($fetched, $wantedFetched)) {
                $wrong[] = "$name $version was fetched as $fetched, and should be $wantedFetched";
            }
        }
        if ($wrong !== []) {
            fwrite(STDERR, implode("\n", $wrong) . "\n");
            exit(1);
        }
        break;
    default:
        fwrite(STDERR, "php bin/packages.php write|with|check\n");
        exit(2);
}
