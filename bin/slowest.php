<?php

declare(strict_types=1);

/*
 * Prints the slowest tests of all runners together, from the JUnit reports that they have written into a folder.
 *
 *     php bin/slowest.php FOLDER [COUNT]
 */
[, $folder, $count] = [...$argv, '20'];
$tests = [];
foreach (glob("$folder/*.xml") ?: [] as $report) {
    $document = new DOMDocument();
    if (!@$document->load($report)) {
        fwrite(STDERR, "$report cannot be read.\n");
        continue;
    }
    foreach ($document->getElementsByTagName('testcase') as $test) {
        $of = $test->getAttribute('class') ?: $test->getAttribute('classname');
        $tests[] = [(float) $test->getAttribute('time'), basename($report, '.xml'), $of, $test->getAttribute('name')];
    }
}
rsort($tests);
printf("the slowest of %d tests, which took %.0f s together:\n", count($tests), array_sum(array_column($tests, 0)));
foreach (array_slice($tests, 0, (int) $count) as [$seconds, $part, $of, $name]) {
    printf("%7.1f s  %s  %s: %s\n", $seconds, $part, $of, $name);
}
