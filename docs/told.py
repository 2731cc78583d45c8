#!/usr/bin/env python3
"""Takes messages of Up Ahead, if they are genuine and new:  SECRET=... ./told.py 8900"""
import hashlib, hmac, json, os, sys, time
from http.server import BaseHTTPRequestHandler, HTTPServer

SECRET = os.environ["SECRET"].encode()
seen = set()


class Told(BaseHTTPRequestHandler):
    def do_POST(self):
        body = self.rfile.read(int(self.headers["Content-Length"]))
        at = self.headers["X-Up-Ahead-Time"]
        right = "sha256=" + hmac.new(SECRET, at.encode() + b"." + body, hashlib.sha256).hexdigest()
        genuine = hmac.compare_digest(right, self.headers["X-Up-Ahead-Signature"])
        if not genuine or abs(time.time() - int(at)) > 300:
            self.send_response(401)
        else:
            self.send_response(204)
            if self.headers["X-Up-Ahead-Message"] not in seen:
                seen.add(self.headers["X-Up-Ahead-Message"])
                print(json.loads(body))
        self.end_headers()


HTTPServer(("", int(sys.argv[1])), Told).serve_forever()
