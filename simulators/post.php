<?php

declare(strict_types=1);

/*
 * A made-up mail server: takes whatever is sent to it by SMTP and writes each mail into a folder. It sends nothing on.
 *
 *     php simulators/post.php --port 8025 --folder /tmp/mail
 */
$options = getopt('', ['port:', 'folder:']);
$port = (int) ($options['port'] ?? 8025);
$folder = (string) ($options['folder'] ?? '');
if (!is_dir($folder)) {
    fwrite(STDERR, "--folder needs a folder that is there.\n");
    exit(1);
}
$server = @stream_socket_server("tcp://127.0.0.1:$port", $code, $why);
if ($server === false) {
    fwrite(STDERR, "port $port cannot be had: $why\n");
    exit(1);
}
while (true) {
    $client = @stream_socket_accept($server, -1);
    if ($client === false) {
        continue;
    }
    fwrite($client, "220 stand-in\r\n");
    $mail = null;
    while (($line = fgets($client)) !== false) {
        $line = rtrim($line, "\r\n");
        if ($mail !== null) {
            if ($line !== '.') {
                // a line that begins with a dot is sent with another before it (RFC 5321, 4.5.2)
                $mail .= (str_starts_with($line, '.') ? substr($line, 1) : $line) . "\n";
                continue;
            }
            $name = sprintf('%s/%.6F.eml', $folder, microtime(true));
            file_put_contents("$name.part", $mail);
            rename("$name.part", $name);
            $mail = null;
            fwrite($client, "250 taken\r\n");
            continue;
        }
        $word = strtoupper(strtok($line, ' :') ?: '');
        if ($word === 'DATA') {
            $mail = '';
        }
        fwrite($client, match ($word) {
            'DATA' => "354 go on\r\n",
            'QUIT' => "221 bye\r\n",
            'EHLO', 'HELO', 'MAIL', 'RCPT', 'RSET', 'NOOP' => "250 ok\r\n",
            default => "502 not here\r\n",
        });
        if ($word === 'QUIT') {
            break;
        }
    }
    fclose($client);
}
